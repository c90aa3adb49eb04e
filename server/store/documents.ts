// Stores documents: drafts, and revisions that never change.
import { randomUUID } from 'node:crypto';
import type { z } from 'zod';
import type { DocumentKind, DocumentOf } from '../../contract/document.ts';
import { type Priced, pricedSchema } from '../../core/price/piece/standing.ts';
import type { Ledger } from './ledger.ts';
import { ChangedMeanwhile, NotThere } from './refusals.ts';
import { type Prepare, preparedOnce } from './statements.ts';
import { untilChange } from './until-change.ts';

interface Row {
  id: string;
  version: number;
  revision: number;
  draft: string | null;
  updated_at: string;
  archived_at: string | null;
  writer: string | null;
  accepted: string | null;
  priced: string | null;
}

/** What a document in a list depends on: its version, and the last price of it. */
interface Stand {
  readonly id: string;
  readonly stand: string;
}

const nouns = {
  studio: 'The studio',
  piece: 'This piece',
  batch: 'This batch',
  fair: 'This fair',
  quote: 'This quote',
} as const satisfies Record<DocumentKind, string>;

/** The documents of one kind. Every write is one transaction and names the version it is based on. */
export class Documents<Body> {
  readonly #ledger: Ledger;
  readonly #kind: DocumentKind;
  readonly #schema: z.ZodType<Body>;
  readonly #now: () => string;
  readonly #prepare: Prepare;
  readonly #list: () => DocumentOf<Body>[];
  /** Documents as they were read last, by their id. */
  readonly #rows = new Map<string, { readonly stand: string; readonly document: DocumentOf<Body> }>();
  /** Bodies by their place, with the text they were read from. */
  readonly #known = new Map<string, { readonly json: string; readonly body: Body }>();

  /** @param schema  reads stored bodies: a field that is newer than the body takes its usual value */
  constructor(ledger: Ledger, kind: DocumentKind, schema: z.ZodType<Body>, now: () => string) {
    this.#ledger = ledger;
    this.#kind = kind;
    this.#schema = schema;
    this.#now = now;
    this.#prepare = preparedOnce(ledger);
    this.#list = untilChange(ledger, () => this.#readAll());
  }

  /** All of them, oldest first. */
  list(): readonly DocumentOf<Body>[] {
    return this.#list();
  }

  /** Only what has changed is read; all else stays the same object. */
  #readAll(): DocumentOf<Body>[] {
    // What a transaction writes may still be undone, and its version given to something else: nothing of it is kept.
    if (this.#ledger.inTransaction) this.#rows.clear();
    const stands = this.#prepare<[string], Stand>(STANDS).all(this.#kind);
    const isChanged = ({ id, stand }: Stand) => this.#rows.get(id)?.stand !== stand;
    // One by one, or all at once where that is less work.
    const changed = new Map(stands.filter(isChanged).map(({ id, stand }) => [id, stand]));
    if (changed.size > stands.length / 4)
      for (const row of this.#prepare<[string], Row>(`${SELECT} where document.kind = ?`).all(this.#kind)) {
        const stand = changed.get(row.id);
        if (stand !== undefined) this.#rows.set(row.id, { stand, document: this.#read(row) });
      }
    const all = stands.map(({ id, stand }) => {
      const known = this.#rows.get(id);
      if (known?.stand === stand) return known.document;
      const document = this.get(id);
      this.#rows.set(id, { stand, document });
      return document;
    });
    if (this.#ledger.inTransaction) this.#rows.clear();
    return all;
  }

  /** @throws NotThere */
  get(id: string): DocumentOf<Body> {
    const row = this.#prepare<[string, string], Row>(`${SELECT} where document.kind = ? and document.id = ?`).get(
      this.#kind,
      id,
    );
    if (!row) throw new NotThere(`${nouns[this.#kind]} is not in the ledger.`);
    return this.#read(row);
  }

  /** A document that is in use. @throws NotThere, also where it is in the trash */
  inUse(id: string): DocumentOf<Body> {
    if (this.#isDeleted(id)) throw new NotThere(`${nouns[this.#kind]} is in the trash.`);
    return this.get(id);
  }

  /** Number of the last accepted revision. @throws NotThere */
  lastRevision(id: string): number {
    const row = this.#prepare<[string, string], { revision: number }>(
      'select revision from document where kind = ? and id = ?',
    ).get(this.#kind, id);
    if (!row) throw new NotThere(`${nouns[this.#kind]} is not in the ledger.`);
    return row.revision;
  }

  /** One accepted revision as it was. @throws NotThere */
  revision(id: string, revision: number): Body {
    const row = this.#prepare<[string, string, number], { body: string }>(
      `select document_revision.body
           from document_revision
           join document on document.id = document_revision.document_id
          where document.kind = ? and document.id = ? and document_revision.revision = ?`,
    ).get(this.#kind, id, revision);
    if (!row) throw new NotThere(`Version ${String(revision)} is not in the ledger.`);
    return this.#body(row.body, `${id} ${String(revision)}`);
  }

  /** Adds a document as a draft. */
  add(body: Body, id: string = randomUUID()): DocumentOf<Body> {
    const now = this.#now();
    this.#prepare(
      `insert into document (id, kind, version, revision, draft, created_at, updated_at)
         values (:id, :kind, 1, 0, :draft, :now, :now)`,
    ).run({ id, kind: this.#kind, draft: JSON.stringify(body), now });
    return this.get(id);
  }

  /** Saves a draft. @param writer  the tab that wrote it @throws NotThere, ChangedMeanwhile */
  saveDraft(id: string, version: number, body: Body, writer: string | null = null): DocumentOf<Body> {
    return this.#write(id, version, (found) => {
      const draft = JSON.stringify(body);
      // The body equals the accepted one, so no draft is left to accept.
      const isAccepted = found.accepted !== null && draft === JSON.stringify(found.accepted);
      this.#prepare(
        `update document set draft = :draft, writer = :writer, version = version + 1, updated_at = :now where id = :id`,
      ).run({ id, draft: isAccepted ? null : draft, writer, now: this.#now() });
    });
  }

  /**
   * Accepts the draft as the next revision; without a draft nothing changes.
   * @param priced  cost and prices of the body, stored with the revision
   */
  accept(id: string, version: number, priced: (body: Body) => Priced | null): DocumentOf<Body> {
    return this.#write(id, version, (found) => {
      if (!found.isDraft) return;
      const now = this.#now();
      const worth = priced(found.body);
      this.#prepare(
        `insert into document_revision (document_id, revision, body, priced, accepted_at)
           values (:id, :revision, :body, :priced, :now)`,
      ).run({
        id,
        revision: found.revision + 1,
        body: JSON.stringify(found.body),
        priced: worth && JSON.stringify(worth),
        now,
      });
      this.#prepare(
        'update document set draft = null, writer = null, revision = revision + 1, version = version + 1, updated_at = :now where id = :id',
      ).run({ id, now });
    });
  }

  /** Discards the draft. @throws NotThere, ChangedMeanwhile */
  dropDraft(id: string, version: number): DocumentOf<Body> {
    return this.#write(id, version, (found) => {
      if (!found.isDraft || found.revision === 0) return;
      this.#prepare(
        'update document set draft = null, writer = null, version = version + 1, updated_at = :now where id = :id',
      ).run({
        id,
        now: this.#now(),
      });
    });
  }

  /** Archives a document, or restores it; its body stays. @throws NotThere, ChangedMeanwhile */
  archive(id: string, version: number, archived: boolean): DocumentOf<Body> {
    return this.#write(id, version, () => {
      this.#prepare('update document set archived_at = :at, version = version + 1 where id = :id').run({
        id,
        at: archived ? this.#now() : null,
      });
    });
  }

  /** Puts a document into the trash. @throws NotThere, ChangedMeanwhile */
  remove(id: string, version: number): void {
    const remove = this.#ledger.transaction(() => {
      this.#checked(id, version);
      this.#prepare('update document set deleted_at = :now, version = version + 1 where id = :id').run({
        id,
        now: this.#now(),
      });
    });
    remove.immediate();
  }

  /** Documents in the trash, the latest first, with the moment they were deleted. */
  trash(): { readonly document: DocumentOf<Body>; readonly deletedAt: string }[] {
    return this.#prepare<[string], Row & { deleted_at: string }>(
      `${SELECT} where document.kind = ? and document.deleted_at is not null order by document.deleted_at desc`,
    )
      .all(this.#kind)
      .map((row) => ({ document: this.#read(row), deletedAt: row.deleted_at }));
  }

  /** Takes a document out of the trash. @throws NotThere where it is not in it */
  restore(id: string): DocumentOf<Body> {
    const { changes } = this.#prepare(
      'update document set deleted_at = null, version = version + 1 where id = ? and kind = ? and deleted_at is not null',
    ).run(id, this.#kind);
    if (changes === 0) throw new NotThere(`${nouns[this.#kind]} is not in the trash.`);
    return this.get(id);
  }

  #write(id: string, version: number, write: (found: DocumentOf<Body>) => void): DocumentOf<Body> {
    const run = this.#ledger.transaction(() => {
      write(this.#checked(id, version));
      return this.get(id);
    });
    return run.immediate();
  }

  #checked(id: string, version: number): DocumentOf<Body> {
    const found = this.get(id);
    if (this.#isDeleted(id)) throw new NotThere(`${nouns[this.#kind]} is in the trash.`);
    if (found.version !== version) throw new ChangedMeanwhile(nouns[this.#kind], found);
    return found;
  }

  #isDeleted(id: string): boolean {
    return this.#prepare('select 1 from document where id = ? and deleted_at is not null').get(id) !== undefined;
  }

  /** Reads a body through its schema. A list of thousands takes long to read: what was read before is kept. */
  #body(json: string, place = ''): Body {
    const known = this.#known.get(place);
    if (known?.json === json) return known.body;
    const body = this.#schema.parse(JSON.parse(json));
    if (place) this.#known.set(place, { json, body });
    return body;
  }

  #read(row: Row): DocumentOf<Body> {
    const accepted = row.accepted === null ? null : this.#body(row.accepted, `${row.id} accepted`);
    const draft = row.draft === null ? null : this.#body(row.draft, `${row.id} draft`);
    const body = draft ?? accepted;
    if (body === null) throw new Error(`Document ${row.id} has neither a draft nor a version.`);
    return {
      id: row.id,
      version: row.version,
      revision: row.revision,
      isDraft: draft !== null,
      body,
      accepted: draft === null ? null : accepted,
      priced: row.priced === null ? null : pricedSchema.parse(JSON.parse(row.priced)),
      updatedAt: row.updated_at,
      archivedAt: row.archived_at,
      writer: row.writer,
    };
  }
}

/** Documents that are not deleted, oldest first, with what each depends on. */
const STANDS = `
  select id, version || ' ' || coalesce((select max(price_entry.id) from price_entry where piece_id = document.id), '') as stand
    from document
   where kind = ? and deleted_at is null
   order by created_at, id`;

const SELECT = `
  select document.id, document.version, document.revision, document.draft, document.updated_at, document.archived_at, document.deleted_at, document.writer,
         document_revision.body as accepted,
         -- a piece sells for what it was priced at last, which may be later than its revision
         coalesce(
           (select json_object('currency', currency, 'fixOn', fix_on, 'costMinor', cost_minor,
                               'wholesaleMinor', wholesale_minor, 'retailMinor', retail_minor, 'how', how, 'sizes', json(sizes))
              from price_entry where piece_id = document.id order by price_entry.id desc limit 1),
           document_revision.priced
         ) as priced
    from document
    left join document_revision
      on document_revision.document_id = document.id
     and document_revision.revision = document.revision`;
