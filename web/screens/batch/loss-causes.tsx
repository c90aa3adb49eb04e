// Mistakes that would explain an unusual loss, the likeliest first.
import type { CauseFound, LossCause, TypedWeight } from '../../../core/account/find-cause.ts';
import { showNumber } from '../../../core/format/numbers.ts';
import { gramsOfMg } from '../../components/metal-entries.tsx';
import { useBasis } from '../../hooks/use-basis.ts';
import { words } from '../../words/batch-metal.ts';

const MOST_SHOWN = 3;

export function LossCauses({ causes }: { causes: readonly CauseFound[] }) {
  const inWords = useCauseWords();
  const [first] = causes;
  if (!first) return null;
  return (
    <div className="note mt-2" role="status">
      <p className="font-bold">{first.cause.kind === 'none' ? words.noMistakeExplains : words.likelyCause}</p>
      <ul className="list-disc pl-5">
        {causes
          .filter(({ cause }) => cause.kind !== 'none')
          .slice(0, MOST_SHOWN)
          .map(({ cause, lossMg, probability }) => (
            <li key={JSON.stringify(cause)}>
              {inWords(cause)}. {words.thenLost} <span className="num">{gramsOfMg(lossMg)} g</span>,{' '}
              {showNumber(100 * probability, 0)} % {words.likely}
            </li>
          ))}
      </ul>
    </div>
  );
}

const fieldWords = (): Readonly<Record<TypedWeight, string>> => ({
  finished: words.weightOfPieces,
  offcuts: words.weightOfOffcuts,
  scrap: words.weightOfScrap,
  issued: words.weightIssued,
});

function useCauseWords(): (cause: LossCause) => string {
  const { alloys } = useBasis().rates;
  const name = (id: string) => alloys.get(id)?.name ?? id;
  return (cause) => {
    switch (cause.kind) {
      case 'gauge':
        return `${cause.part}: ${showNumber(cause.toMm, 0, 2)} mm ${words.cutInsteadOf} ${showNumber(cause.fromMm, 0, 2)} mm`;
      case 'alloy':
        return `${cause.part}: ${name(cause.to)} ${words.takenInsteadOf} ${name(cause.from)}`;
      case 'missing':
        return cause.pieces === 1 ? words.onePieceNotWeighed : `${String(cause.pieces)} ${words.piecesNotWeighed}`;
      case 'decimal':
        return `${fieldWords()[cause.field]}: ${cause.factor > 1 ? words.tenTimesTooSmall : words.tenTimesTooLarge}`;
      case 'unit':
        return `${fieldWords()[cause.field]}: ${words.scaleShowed} ${cause.unit}, ${words.notGrams}`;
      case 'scrap-not-weighed':
        return words.scrapNotWeighed;
      case 'none':
        return words.noMistakeExplains;
    }
  };
}
