// Changes finished pieces: opened, moved, graded, counted, and taken back by counter-entries.
import { randomUUID } from 'node:crypto';
import type { GradeChange, MadeLeave, MadeMove, MadeOpening, MadePage, PiecesCounted } from '../../contract/made.ts';
import { roundHalfAwayFromZero } from '../../core/figure/round-money.ts';
import {
  type CompactEntry,
  compactEntry,
  type MadeEntry,
  movePieces,
  reversedMade,
} from '../../core/made/made-entry.ts';
import type { MadeDetail, MadeItem } from '../../core/made/made-item.ts';
import { readMoney } from '../../core/measure/read/read-money.ts';
import { readCount, readGrams } from '../../core/measure/read/read-number.ts';
import { sizesOf } from '../../core/piece/all-sizes.ts';
import { countPiece } from '../../core/price/piece/count-piece.ts';
import { NotAcceptable } from '../store/refusals.ts';
import type { Stores } from '../store/stores.ts';
import { currentBasis } from './basis.ts';
import { correctEntry } from './correct-entry.ts';
import { addLeaving, heldPlace, MADE_REFUSED, newEntry } from './made-booking.ts';
import { isReady, waitingBatch } from './made-take-in.ts';
import { refuseIssues } from './refuse.ts';
import { today } from './stockroom.ts';

/** Finished pieces with everything that happened to them. */
export function madePage(stores: Stores): MadePage {
  const taken = stores.made.batchesTakenIn();
  const waiting = stores.batches
    .list()
    .filter(({ id, body, archivedAt }) => isReady(body) && !archivedAt && !taken.has(id));
  return {
    items: stores.made.items(),
    outlets: stores.made.outlets(),
    entries: compacted(stores.made.entries()),
    waiting: waiting.map(({ id, body }) => waitingBatch(stores, id, body)),
  };
}

const compact = new WeakMap<readonly MadeEntry[], CompactEntry[]>();

/** The same array for the same entries. */
function compacted(entries: readonly MadeEntry[]): CompactEntry[] {
  const known = compact.get(entries) ?? entries.map(compactEntry);
  compact.set(entries, known);
  return known;
}

/** Enters pieces that lay there before the ledger. @throws NotAcceptable when a field cannot be read */
export function openMade(stores: Stores, typed: MadeOpening): MadeEntry[] {
  const { rates, fix } = currentBasis(stores);
  const count = readCount(typed.count, 1);
  const money = typed.cost.trim() ? readMoney(typed.cost, rates.currency, 'amount') : null;
  refuseIssues(
    [
      ...(count.ok ? [] : [{ path: 'count', sentence: count.sentence }]),
      ...(typed.isSingle && count.ok && count.value !== 1
        ? [{ path: 'count', sentence: 'A piece that is one of a kind is one.' }]
        : []),
      ...(money === null || money.ok ? [] : [{ path: 'cost', sentence: money.sentence }]),
    ],
    MADE_REFUSED,
  );
  return stores.inTransaction(() => {
    const piece = typed.pieceId ? stores.pieces.get(typed.pieceId) : null;
    const made = piece && (piece.accepted ?? piece.body);
    const counted = made && countPiece(made, rates, fix, { size: typed.size });
    const each = money?.ok ? money.value : (counted?.column.cost.value ?? 0);
    const labour = counted?.column.lines.find(({ key }) => key === 'labour')?.each.value ?? 0;
    const item = stores.made.keepItem({
      id: randomUUID(),
      pieceId: typed.pieceId,
      size: typed.size,
      revision: piece?.revision ?? 0,
      name: made?.name.trim() || typed.name,
      sizeName: made ? (sizesOf(made).find(({ id }) => id === typed.size)?.name ?? '') : typed.sizeName,
      isSingle: typed.isSingle,
      mg: {},
    });
    const pieces = count.ok ? count.value : 0;
    const minutes = (counted?.minutes.value ?? 0) * pieces;
    const amounts = {
      costMinor: roundHalfAwayFromZero(each * pieces),
      estimateMinor: roundHalfAwayFromZero((counted?.column.cost.value ?? each) * pieces),
      labourMinor: roundHalfAwayFromZero(Math.min(labour, each) * pieces),
      minutes,
      estimateMinutes: minutes,
    };
    const place = heldPlace(stores, typed.place);
    const { grade } = typed;
    const lines = movePieces(item.id, pieces, { place: 'opening', grade, amounts }, { place, grade });
    return [stores.made.add(newEntry(stores, { kind: 'opening', on: typed.on, lines }))];
  });
}

/** Moves pieces to another place. */
export function movePicks(stores: Stores, { on, to, picks, why }: MadeMove): MadeEntry[] {
  const place = heldPlace(stores, to);
  const lines = picks
    .filter((pick) => pick.place !== place)
    .flatMap(({ item, place: from, grade, count }) =>
      movePieces(item, count, { place: heldPlace(stores, from), grade }, { place, grade }),
    );
  if (lines.length === 0) throw new NotAcceptable('These pieces are there already.', []);
  return [stores.made.add(newEntry(stores, { kind: 'moved', on, why, lines }))];
}

/** Changes the grade of pieces where they are. */
export function gradePicks(stores: Stores, { on, grade, picks, why }: GradeChange): MadeEntry[] {
  const lines = picks
    .filter((pick) => pick.grade !== grade)
    .flatMap(({ item, place: text, grade: before, count }) => {
      const place = heldPlace(stores, text);
      return movePieces(item, count, { place, grade: before }, { place, grade });
    });
  if (lines.length === 0) throw new NotAcceptable('These pieces have this grade already.', []);
  return [stores.made.add(newEntry(stores, { kind: 'graded', on, why, lines }))];
}

/** Pieces leave without a sale; the metal of melted ones goes into the jar of soldered scrap. */
export function leavePicks(stores: Stores, { on, how, picks, why }: MadeLeave): MadeEntry[] {
  return stores.inTransaction(() => {
    const lines = picks.flatMap(({ item, place, grade, count }) =>
      movePieces(item, count, { place: heldPlace(stores, place), grade }, { place: how, grade }),
    );
    return [addLeaving(stores, newEntry(stores, { kind: how, on, why, lines }), how)];
  });
}

/** Saves the count of a place as differences. */
export function countPieces(stores: Stores, { on, place: text, counts, why }: PiecesCounted): MadeEntry[] {
  const place = heldPlace(stores, text);
  const there = stores.made.balances();
  return stores.inTransaction(() => {
    const changes = counts.flatMap(({ item, grade, count }) => {
      const before = there.find((one) => one.place === place && one.item === item && one.grade === grade)?.count ?? 0;
      return count === before ? [] : [{ item, grade, change: count - before }];
    });
    const entries: MadeEntry[] = [];
    const missing = changes.filter(({ change }) => change < 0);
    const found = changes.filter(({ change }) => change > 0);
    if (missing.length > 0) {
      const lines = missing.flatMap(({ item, grade, change }) =>
        movePieces(item, -change, { place, grade }, { place: 'lost', grade }),
      );
      entries.push(addLeaving(stores, newEntry(stores, { kind: 'lost', on, why, lines }), 'lost'));
    }
    if (found.length > 0) {
      const lines = found.flatMap(({ item, grade, change }) =>
        movePieces(item, change, { place: 'counted', grade }, { place, grade }),
      );
      entries.push(stores.made.add(newEntry(stores, { kind: 'counted', on, why, lines })));
    }
    return entries;
  });
}

/** Reverses an entry and that of its metal. @throws NotThere; NotAcceptable when it was reversed before */
export function reverseMade(stores: Stores, id: number, why: string): MadeEntry[] {
  return stores.inTransaction(() => {
    const entry = stores.made.entry(id);
    if (entry.kind === 'reversed') throw new NotAcceptable('A counter-entry stays. Enter what happened again.', []);
    if (entry.correctedBy !== null) throw new NotAcceptable('This entry was reversed before.', []);
    const metal = stores.made.metalEntryOf(id);
    const [counter] = metal === null ? [] : correctEntry(stores, metal, why);
    return [stores.made.add(reversedMade(entry, today(stores), why || 'reversed'), counter?.id ?? null)];
  });
}

/** Keeps photo and weight of a single piece. @throws NotThere; NotAcceptable for a piece that is one of several */
export function keepDetail(stores: Stores, id: string, detail: MadeDetail): MadeItem {
  if (!stores.made.item(id).isSingle)
    throw new NotAcceptable('Only a single piece has a photo and a weight of its own.', []);
  const weight = detail.weight.trim() ? readGrams(detail.weight) : null;
  refuseIssues(weight && !weight.ok ? [{ path: 'weight', sentence: weight.sentence }] : [], MADE_REFUSED);
  if (detail.photo) stores.photos.get(detail.photo);
  return stores.made.keepDetail(id, detail);
}
