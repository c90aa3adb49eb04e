// How much solder and how many findings lie there already: counted by hand, since the shelf holds bars and sheets.
import type { Goods } from '../../../core/batch/buying-list.ts';
import { showFigure } from '../../../core/figure/show.ts';
import { Field } from '../../parts/field.tsx';
import { Heads } from '../../parts/heads.tsx';

interface GoodsThereProps {
  readonly goods: readonly Goods[];
  readonly typed: Readonly<Record<string, string>>;
  readonly onTyped: (key: string, value: string) => void;
}

export function GoodsThere({ goods, typed, onTyped }: GoodsThereProps) {
  if (goods.length === 0) return null;
  return (
    <section className="chrome mt-6" aria-labelledby="there">
      <h2 id="there">Solder and findings that lie there</h2>
      <table className="rows" aria-label="Solder and findings that lie there">
        <Heads of={['what', { end: 'needed' }, { end: 'there' }]} />
        <tbody>
          {goods.map(({ key, name, need, unit }) => (
            <tr key={key} className="border-b border-hair">
              <td className="first text-[14px]">{name}</td>
              <td className="end num text-[14px]">{showFigure(need)}</td>
              <td className="end num">
                <Field
                  end
                  open
                  className="num"
                  value={typed[key] ?? ''}
                  label={`${name}, how much lies there`}
                  placeholder="0"
                  unit={unit}
                  onChange={(value) => onTyped(key, value)}
                />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="aside mt-1">Kept on this computer.</p>
    </section>
  );
}
