import { itemName, tagCode } from '../../../core/made/made-item.ts';
import type { MadePlace } from '../../../core/made/made-place.ts';
import type { SoldLine } from '../../../core/made/sold-lines.ts';

/** Sales as rows of cells, the column heads first; money in minor units. */
export function salesTable(
  lines: readonly SoldLine[],
  channelName: (id: string) => string,
  placeName: (place: MadePlace) => string,
): string[][] {
  const heads = ['entry', 'day', 'tag', 'piece', 'quantity', 'channel', 'from', 'paid, minor units', 'tax', 'commission', 'fees', 'received', 'cost', 'bench minutes']; // prettier-ignore
  const rows = lines.map((line) => [
    String(line.entry), line.on, tagCode(line.item), itemName(line.item), String(line.count), channelName(line.channel), placeName(line.from),
    ...[line.paidMinor, line.taxMinor, line.commissionMinor, line.feeMinor, line.keptMinor].map(String),
    String(Math.round(line.costMinor)), line.minutes.toFixed(1),
  ]); // prettier-ignore
  return [heads, ...rows];
}
