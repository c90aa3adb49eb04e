// The whole book of one ledger: its documents and entries, and what needs several of them at once.
import { batchSchema, isDone, type Batch, type BatchState } from '../../core/batch/batch.ts';
import type { SupplierItem } from '../../core/batch/buying/price-list.ts';
import type { AcceptedCut } from '../../core/batch/cutting/issue-metal.ts';
import type { NewLot } from '../../core/batch/stock/shelf.ts';
import type { NewBenchEntry } from '../../core/plan/studio/bench-entry.ts';
import { batchTitle, countBatch, type BatchCount } from '../../core/batch/count-batch.ts';
import { type MadeLine } from '../../core/batch/batch-run.ts';
import { givesMetalBack, refusedChange } from '../../core/batch/states.ts';
import { fixProblems, type Fix, type NewFix } from '../../core/metal/fix.ts';
import { pieceSchema, type Piece } from '../../core/piece/piece.ts';
import { given } from '../../core/figure/figure.ts';
import { showFigure } from '../../core/figure/show.ts';
import { countPiece } from '../../core/price/piece/count-piece.ts';
import { lineSheetItem, type LineSheetItem } from '../../core/price/book/line-sheet.ts';
import type { LineSheetTerms } from '../documents/line-sheet.ts';
import { benchCheckAll, standing } from '../../core/piece/checks/bench-check.ts';
import { readRates, withReceipts, type Rates } from '../../core/studio/rates.ts';
import { blocks } from '../../core/measure/issue.ts';
import { type Issue } from '../../core/measure/issue.ts';
import { startingStudio, studioSchema, type FirstRun, type Studio } from '../../core/studio/studio.ts';
import type { BatchWithPieces } from '../../contract/batches.ts';
import { STUDIO_ID } from '../../contract/studio.ts';
import type { DocumentOf } from '../../contract/document.ts';
import { PIECE_FILE_VERSION, type PieceFile } from '../../contract/pieces.ts';
import type { NewPrices, PriceEntry } from '../../contract/prices.ts';
import { receiptProblems, type NewReceipt, type Receipt } from '../../core/metal/receipt.ts';
import { fairSchema, type Fair } from '../../core/price/fair/fair.ts';
import { quoteSchema, type Quote } from '../../core/price/quote/quote.ts';
import type { Priced } from '../../core/price/piece/standing.ts';
import { serverClock } from '../clock.ts';
import { BenchLog } from './bench.ts';
import { Documents } from './documents.ts';
import { Fixes } from './fixes.ts';
import type { Ledger } from './ledger.ts';
import { photosOf, withPhotosKept } from './piece-files.ts';
import { Photos } from './photos.ts';
import { PriceLists } from './price-lists.ts';
import { PriceEntries } from './prices.ts';
import { Receipts } from './receipts.ts';
import { NotAcceptable } from './refusals.ts';
import { Stockroom } from './stockroom.ts';

export class Book {
  readonly #ledger: Ledger;
  readonly #now: () => string;
  readonly studio: Documents<Studio>;
  readonly pieces: Documents<Piece>;
  readonly batches: Documents<Batch>;
  readonly fairs: Documents<Fair>;
  readonly quotes: Documents<Quote>;
  readonly fixes: Fixes;
  readonly receipts: Receipts;
  readonly prices: PriceEntries;
  readonly photos: Photos;
  readonly stockroom: Stockroom;
  readonly priceLists: PriceLists;
  readonly bench: BenchLog;

  /** @param now  the time as ISO 8601, asked at each write */
  constructor(ledger: Ledger, now: () => string = () => serverClock().toISOString()) {
    this.#ledger = ledger;
    this.#now = now;
    this.studio = new Documents(ledger, 'studio', studioSchema, now);
    this.pieces = new Documents(ledger, 'piece', pieceSchema, now);
    this.batches = new Documents(ledger, 'batch', batchSchema, now);
    this.fairs = new Documents(ledger, 'fair', fairSchema, now);
    this.quotes = new Documents(ledger, 'quote', quoteSchema, now);
    this.fixes = new Fixes(ledger, now);
    this.receipts = new Receipts(ledger, now);
    this.prices = new PriceEntries(ledger, now);
    this.photos = new Photos(ledger, now);
    this.stockroom = new Stockroom(ledger, now);
    this.priceLists = new PriceLists(ledger, now);
    this.bench = new BenchLog(ledger, now);
  }

  /** Sets the studio up on the first run. @throws NotAcceptable when it is set up already or the rate cannot be read */
  setUp(answers: FirstRun): DocumentOf<Studio> {
    if (this.studio.list().length > 0)
      throw new NotAcceptable('The studio is set up already. Change it in Studio.', []);
    const body = startingStudio(answers);
    refuse(readRates(body, 0).problems, 'The studio cannot be set up yet.');
    const { version } = this.studio.add(body, STUDIO_ID);
    return this.acceptStudio(version);
  }

  /** Adds a fix, which everything is costed at from now on. @throws NotAcceptable when a price cannot be read */
  addFix(fix: NewFix): Fix {
    refuse(fixProblems(fix), 'These prices cannot be fixed yet.');
    return this.fixes.add(fix);
  }

  /** Adds the fixes of a file together. @throws NotAcceptable, saying which, when one cannot be read */
  addFixes(fixes: readonly NewFix[]): Fix[] {
    fixes.forEach((fix, index) =>
      refuse(
        fixProblems(fix).map(({ path, sentence }) => ({ path: `fixes.${String(index)}.${path}`, sentence })),
        `The fix of ${fix.on} cannot be kept, so none of them is.`,
      ),
    );
    return this.#ledger.transaction(() => fixes.map((fix) => this.fixes.add(fix)))();
  }

  /** Adds a receipt of metal. @throws NotAcceptable when its weight or price cannot be read */
  addReceipt(receipt: NewReceipt): Receipt {
    refuse(receiptProblems(receipt), 'This receipt cannot be kept yet.');
    return this.receipts.add(receipt);
  }

  /**
   * Prices pieces, all of them or none.
   * @throws NotAcceptable when a price lies below its cost and no reason is given; NotThere
   */
  setPrices({ how, why, prices }: NewPrices): PriceEntry[] {
    const { rates, fix } = this.#basis();
    return this.#ledger.transaction(() =>
      prices.map(({ pieceId, wholesaleMinor, retailMinor, sizes }, index) => {
        const piece = this.pieces.get(pieceId);
        const body = piece.accepted ?? piece.body;
        const cost = (size?: string) => countPiece(body, rates, fix, { size }).column.cost.value;
        const costMinor = cost();
        const isBelow =
          wholesaleMinor < costMinor ||
          Object.entries(sizes ?? {}).some(([size, price]) => price.wholesaleMinor < cost(size));
        if (isBelow && !why.trim() && how !== 'undone')
          refuse(
            [
              {
                path: `prices.${String(index)}.wholesaleMinor`,
                sentence: `${body.name.trim() || 'A piece'} would sell below its cost. Say why, and it is kept.`,
              },
            ],
            'These prices are not kept.',
          );
        const { currency } = rates;
        return this.prices.add({
          pieceId,
          currency,
          wholesaleMinor,
          retailMinor,
          costMinor,
          fixOn: fix?.on ?? null,
          how,
          why,
          sizes: sizes ?? this.prices.last(pieceId)?.sizes ?? {},
        });
      }),
    )();
  }

  /** @throws NotAcceptable when a setting cannot be read */
  acceptStudio(version: number): DocumentOf<Studio> {
    return this.studio.accept(STUDIO_ID, version, (studio) => {
      refuse(readRates(studio, 0).problems, 'These settings cannot be accepted yet.');
      return null;
    });
  }

  /** @throws NotAcceptable when anything in the piece cannot be reckoned */
  acceptPiece(id: string, version: number): DocumentOf<Piece> {
    return this.#ledger.transaction(() => {
      const before = this.pieces.get(id).revision;
      const worth: Priced[] = [];
      const { revision } = this.pieces.accept(id, version, (piece) => {
        const priced = this.#priced(piece);
        worth.push(priced);
        return priced;
      });
      const [priced] = worth;
      // What was priced by hand stays as it was set; what the rule priced follows the rule.
      const last = this.prices.last(id);
      if (priced && revision > before && (!last || last.how === 'accepted' || last.how === 'fix'))
        this.prices.add({
          ...priced,
          pieceId: id,
          how: 'accepted',
          why: `revision ${String(revision)} accepted`,
        });
      return this.pieces.get(id);
    })();
  }

  /** @throws NotAcceptable when the batch has no quantity, or its state does not allow the change */
  acceptBatch(id: string, version: number): DocumentOf<Batch> {
    return this.#ledger.transaction(() => {
      const { accepted } = this.batches.get(id);
      return this.batches.accept(id, version, (batch) => {
        const sentence = accepted && refusedChange(accepted, batch);
        if (sentence) refuse([{ path: 'state', sentence }], 'This change is not kept.');
        if (givesMetalBack(batch)) this.stockroom.giveBack(id);
        else if (batch.state !== 'planned') this.stockroom.takeGoods(id, this.#count(batch).runs);
        return this.#batchPriced(batch);
      });
    })();
  }

  /** Saves a batch's draft. @throws NotThere when a revision it names is not in the ledger */
  saveBatch(id: string, version: number, batch: Batch): DocumentOf<Batch> {
    this.madeLines(batch);
    return this.batches.saveDraft(id, version, batch);
  }

  /** Adds a batch as a draft. @throws NotThere when a revision it is to be made from is not in the ledger */
  addBatch(batch: Batch): DocumentOf<Batch> {
    this.madeLines(batch);
    return this.batches.add(batch);
  }

  /** Stock that came in. @throws NotAcceptable when a size cannot be read */
  addLot(typed: NewLot): void {
    this.stockroom.addLot(typed, this.#basis().rates);
  }

  /** A supplier's price list, which holds from now on. @throws NotAcceptable when it is of another currency */
  addPriceList(items: readonly SupplierItem[]): void {
    const { rates } = this.#basis();
    const other = items.find(({ currency }) => currency !== rates.currency);
    if (other)
      throw new NotAcceptable(`${other.supplier} lists ${other.item} in ${other.currency}, not ${rates.currency}.`, []);
    this.priceLists.add(items);
  }

  /**
   * Books an accepted cutting plan of a batch, whose metal is issued from then on.
   * @throws NotThere; NotAcceptable when the shelf does not hold it, or the batch cannot be accepted
   */
  issueMetal(id: string, cut: AcceptedCut): void {
    const { rates } = this.#basis();
    this.#ledger.transaction(() => {
      const { body } = this.batches.get(id);
      if (isDone(body)) throw new NotAcceptable('This batch is done. Take it up again to issue metal.', []);
      this.stockroom.takeMetal(id, cut, rates);
      if (body.state === 'planned') this.#putIn(id, 'issued');
    })();
  }

  /**
   * Gives back just what a batch holds; one whose metal was issued is planned again.
   * @throws NotThere; NotAcceptable when an offcut of it has been used since
   */
  giveBack(id: string): void {
    this.#ledger.transaction(() => {
      if (this.batches.get(id).body.state === 'issued') this.#putIn(id, 'planned');
      else this.stockroom.giveBack(id);
    })();
  }

  #putIn(id: string, state: BatchState): void {
    const { version, body } = this.batches.get(id);
    this.acceptBatch(id, this.batches.saveDraft(id, version, { ...body, state }).version);
  }

  /** @throws NotThere when a batch is not in the ledger */
  addBenchEntries(entries: readonly NewBenchEntry[]): void {
    for (const id of new Set(entries.map(({ batchId }) => batchId))) this.batches.get(id);
    this.bench.add(entries);
  }

  /** The settings that hold: as accepted last, or as they were set up. */
  studioAccepted(): Studio {
    const { accepted, body } = this.studio.get(STUDIO_ID);
    return accepted ?? body;
  }

  /** Removes a batch that was never accepted. @throws NotAcceptable when the shelf has entries of it, which stay */
  removeBatch(id: string, version: number): void {
    if (this.bench.entries().some(({ batchId }) => batchId === id))
      throw new NotAcceptable('This batch was worked on, and its entries stay. Call it off instead.', []);
    if (this.stockroom.shelf.entries(id).length > 0)
      throw new NotAcceptable(
        'Metal was issued for this batch, and its entries stay. Give the metal back, and close it.',
        [],
      );
    this.batches.remove(id, version);
  }

  /** The lines of a batch with the revisions they name. @throws NotThere */
  madeLines({ lines }: Batch): MadeLine[] {
    return lines.map((line) => ({ line, piece: this.pieces.revision(line.pieceId, line.pieceRevision) }));
  }

  /** Adds the pieces of a file as drafts. @throws NotAcceptable when a picture is missing from it */
  async addPieceFile(file: PieceFile): Promise<DocumentOf<Piece>[]> {
    const pieces = await withPhotosKept(file, this.photos);
    if (pieces.length === 0) throw new NotAcceptable('There is no piece in this file.', []);
    return this.#ledger.transaction(() => pieces.map((piece) => this.pieces.add(piece)))();
  }

  /** What a shop is shown of pieces, in the order asked for. @throws NotThere */
  lineSheet(ids: readonly string[]): { readonly items: LineSheetItem[]; readonly about: LineSheetTerms } {
    const { rates, fix } = this.#basis();
    const { currency, selling } = rates;
    const items = ids.map((id) => {
      const { accepted, body, priced } = this.pieces.get(id);
      const piece = accepted ?? body;
      return lineSheetItem(piece, priced?.currency === currency ? priced : null, (size) =>
        countPiece(piece, rates, fix, { size }),
      );
    });
    const least = selling.leastOrderMinor;
    const terms = [
      ...(least > 0 ? [`Least order ${showFigure(given('', least, currency, ''))}.`] : []),
      ...selling.volumeBreaks.map(
        ({ from, off }) => `From ${String(from)} of a kind, ${String(off.value * 100)} % less.`,
      ),
    ];
    const photo = (id: string) => this.photos.get(id).bytes;
    const on = this.#now().slice(0, 10);
    return { items, about: { studio: this.studioAccepted().name, currency, on, terms, photo } };
  }

  /** A batch as it goes to the bench. @throws NotThere */
  batchOnPaper(id: string) {
    const { rates, fix } = this.#basis();
    const { body } = this.batches.get(id);
    const count = countBatch(body, this.madeLines(body), rates, fix);
    const { name, units } = this.studioAccepted();
    return { body, count, title: batchTitle(count), studio: name, units };
  }

  onePieceFile(piece: Piece): PieceFile {
    const photos = photosOf([piece], this.photos);
    return { format: 'noon-ledger/piece', version: PIECE_FILE_VERSION, piece, ...(photos.length > 0 && { photos }) };
  }

  /** @param ids  null for all of the book that is not put away. @throws NotThere */
  pieceFile(ids: readonly string[] | null): PieceFile {
    const documents = ids ? ids.map((id) => this.pieces.get(id)) : this.pieces.list().filter((one) => !one.archivedAt);
    const pieces = documents.map(({ body }) => body);
    const photos = photosOf(pieces, this.photos);
    return { format: 'noon-ledger/pieces', version: PIECE_FILE_VERSION, pieces, ...(photos.length > 0 && { photos }) };
  }

  batchesWithPieces(): BatchWithPieces[] {
    return this.batches.list().map((batch) => ({
      batch,
      made: this.madeLines(batch.body).map(({ line, piece }) => ({
        piece,
        latestRevision: this.pieces.get(line.pieceId).revision,
      })),
    }));
  }

  #count(batch: Batch): BatchCount {
    const { rates, fix } = this.#basis();
    return countBatch(batch, this.madeLines(batch), rates, fix);
  }

  /** What a batch costs and sells for in all. */
  #batchPriced(batch: Batch): Priced {
    const { rates, fix } = this.#basis();
    const count = this.#count(batch);
    refuse(count.problems.filter(blocks), 'This batch cannot be accepted yet.');
    for (const { piece } of count.runs) refuseStops(piece, rates);
    const retail = count.runs.reduce((sum, run) => sum + run.quantity * run.count.prices.retail.value, 0);
    return {
      currency: rates.currency,
      fixOn: fix?.on ?? null,
      costMinor: count.cost.value,
      wholesaleMinor: count.wholesale.value,
      retailMinor: retail,
      how: 'accepted',
      sizes: {},
    };
  }

  #priced(piece: Piece): Priced {
    const { rates, fix } = this.#basis();
    const count = countPiece(piece, rates, fix);
    const named = piece.name.trim() ? [] : [{ path: 'name', sentence: 'Give the piece a name before accepting it.' }];
    refuse([...named, ...count.problems.filter(blocks)], 'This cannot be accepted yet.');
    refuseStops(piece, rates);
    const { column, prices } = count;
    return {
      currency: rates.currency,
      fixOn: fix?.on ?? null,
      costMinor: column.cost.value,
      wholesaleMinor: prices.wholesale.value,
      retailMinor: prices.retail.value,
      how: 'accepted',
      sizes: {},
    };
  }

  /** What everything is reckoned with: the accepted settings, what was paid for metal, and the current fix. */
  #basis(): { readonly rates: Rates; readonly fix: Fix | null } {
    const { revision } = this.studio.get(STUDIO_ID);
    const rates = withReceipts(readRates(this.studioAccepted(), revision), this.receipts.list());
    return { rates, fix: this.fixes.current() };
  }
}

// A stop stands in the way until it is put right or the maker says why it may stand.
function refuseStops(piece: Piece, rates: Rates): void {
  const stops = standing(benchCheckAll(piece, rates.alloys, rates.country));
  refuse(
    stops.map(({ rule, about, sentence }) => ({ path: `check.${rule}${about && `.${about}`}`, sentence })),
    'The bench check stops this.',
  );
}

function refuse(problems: readonly Issue[], message: string): void {
  if (problems.length > 0) throw new NotAcceptable(`${message} ${problems[0]?.sentence ?? ''}`.trim(), problems);
}
