// Who works at this device: chosen once.
import type { BenchMaker } from '../../../core/studio/bench.ts';
import { words } from '../../words/bench.ts';

export function ChooseMaker({ makers, onChoose }: { makers: readonly BenchMaker[]; onChoose: (id: string) => void }) {
  return (
    <main className="bench grid-cols-1!">
      <section className="bench-leaf items-center justify-center gap-4">
        <h1>{words.whoAreYou}</h1>
        <p className="bench-aside">{words.thisDevice}</p>
        {makers.map(({ id, name }) => (
          <button
            key={id}
            type="button"
            className="bench-press min-h-[96px]! w-[min(100%,420px)] text-[30px]!"
            onClick={() => onChoose(id)}
          >
            {name}
          </button>
        ))}
      </section>
    </main>
  );
}
