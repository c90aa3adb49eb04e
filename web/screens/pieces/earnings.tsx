// What the pieces earn: the right page of the list, and its line on a narrow screen.
import type { PieceDocument } from '../../../contract/pieces.ts';
import { useBook } from '../../hooks/use-book.ts';
import type { BookLine } from '../../state/book-line.ts';
import { words } from '../../words/pieces.ts';
import { HourlyPay } from './hourly-pay.tsx';
import { PricesToRenew } from './prices-to-renew.tsx';

interface EarningsProps {
  readonly pieces: readonly PieceDocument[];
}

export function Earnings({ pieces }: EarningsProps) {
  const { counted } = useBook(pieces);
  return (
    <>
      <PricesToRenew lines={outOfDate(counted)} />
      <HourlyPay lines={counted} />
    </>
  );
}

export function EarningsLine({ pieces }: EarningsProps) {
  const failing = outOfDate(useBook(pieces).counted);
  return (
    <span className="font-semibold">
      {failing.length > 0 ? `${String(failing.length)} prices out of date` : words.earningsPerBenchHour}
    </span>
  );
}

function outOfDate(lines: readonly BookLine[]): BookLine[] {
  return lines.filter(({ standing }) => standing && !standing.holds);
}
