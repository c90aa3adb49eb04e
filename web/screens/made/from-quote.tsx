// Chooses the finished pieces that an accepted quote asks for.
import type { MadeBalance } from '../../../core/made/made-balance.ts';
import type { MadePlace } from '../../../core/made/made-place.ts';
import { picksFor } from '../../../core/made/picks.ts';
import { readCount } from '../../../core/measure/read/read-number.ts';
import { sizesOf } from '../../../core/piece/all-sizes.ts';
import { nameOfQuote } from '../../../core/price/quote/quote.ts';
import { Choice } from '../../components/choice.tsx';
import type { Made } from '../../hooks/use-made.ts';
import { useGetPiecesQuery } from '../../state/endpoints/pieces.ts';
import { useGetQuotesQuery } from '../../state/endpoints/quotes.ts';
import { words } from '../../words/made.ts';

interface FromQuoteProps {
  readonly made: Made;
  readonly place: MadePlace;
  readonly onPick: (picks: readonly MadeBalance[], customer: string) => void;
}

export function FromQuote({ made, place, onPick }: FromQuoteProps) {
  const { data: quotes = [] } = useGetQuotesQuery();
  const { data: pieces = [] } = useGetPiecesQuery();
  const choices = quotes
    .filter(({ archivedAt, body }) => !archivedAt && body.batches.length > 0)
    .map(({ id, body }) => {
      const wanted = body.lines.map(({ piece, size, count }) => {
        const known = pieces.find((one) => one.id === piece);
        const sizes = known ? sizesOf(known.accepted ?? known.body) : [];
        const read = readCount(count || '1', 0);
        return { pieceId: piece, size: size || (sizes[0]?.id ?? ''), count: read.ok && piece ? read.value : 0 };
      });
      return { id, body, picks: picksFor(wanted, made.held, made.itemOf, place) };
    })
    .filter(({ picks }) => picks.length > 0);
  if (choices.length === 0) return null;
  return (
    <Choice
      open
      value=""
      options={[
        { value: '', label: words.fromQuote },
        ...choices.map(({ id, body }) => ({ value: id, label: nameOfQuote(body) || id })),
      ]}
      label={words.fromQuote}
      onChange={(chosen) => {
        const quote = choices.find(({ id }) => id === chosen);
        if (quote) onPick(quote.picks, quote.body.customer.trim());
      }}
    />
  );
}
