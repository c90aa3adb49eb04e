// Stores pictures, reduced and stripped of camera data.
import { createHash } from 'node:crypto';
import type { Ledger } from './ledger.ts';
import { NotAcceptable, NotThere } from './refusals.ts';
import { type Prepare, preparedOnce } from './statements.ts';

/** The longer side of a stored picture, px: a full page of a tablet. */
const LONGEST_PX = 1600;
const QUALITY = 82;
/** A picture of more pixels is no photograph of a bench. */
const MOST_PIXELS = 120_000_000;

/** Thumbnails in memory, about 4 kB each. */
const MOST_THUMBNAILS = 2000;

/** A stored picture. */
export interface Photo {
  readonly id: string;
  readonly widthPx: number;
  readonly heightPx: number;
}

/** The pictures of a ledger. */
export class Photos {
  readonly #now: () => string;
  readonly #prepare: Prepare;
  /** A picture never changes, so neither does its thumbnail. */
  readonly #thumbnails = new Map<string, Buffer>();

  constructor(ledger: Ledger, now: () => string) {
    this.#now = now;
    this.#prepare = preparedOnce(ledger);
  }

  /**
   * Stores an uploaded picture: turned upright, at most 1600 px long, as JPEG, without camera data (EXIF, place).
   * @throws NotAcceptable when the bytes are no picture
   */
  async add(bytes: Buffer): Promise<Photo> {
    const { data, info } = await smaller(bytes);
    return this.keep(data, info.width, info.height);
  }

  /** The id of exactly these bytes; null where they are not in the ledger. */
  holds(bytes: Buffer): string | null {
    const id = idOf(bytes);
    return this.has(id) ? id : null;
  }

  /** Stores a JPEG that is small enough and free of camera data. */
  keep(bytes: Buffer, widthPx: number, heightPx: number): Photo {
    const id = idOf(bytes);
    this.#prepare(
      `insert into photo (id, type, width_px, height_px, bytes, added_at)
         values (:id, 'image/jpeg', :widthPx, :heightPx, :bytes, :now)
             on conflict (id) do nothing`,
    ).run({ id, widthPx, heightPx, bytes, now: this.#now() });
    return { id, widthPx, heightPx };
  }

  /** @throws NotThere */
  get(id: string): Photo & { readonly bytes: Buffer } {
    const row = this.#prepare<[string], Photo & { bytes: Buffer }>(
      'select id, width_px as widthPx, height_px as heightPx, bytes from photo where id = ?',
    ).get(id);
    if (!row) throw new NotThere('This picture is not in the ledger.');
    return row;
  }

  /** A square cut from the middle of a picture. @param px  its side @throws NotThere */
  async thumbnail(id: string, px: number): Promise<Buffer> {
    const key = `${id} ${String(px)}`;
    const known = this.#thumbnails.get(key);
    if (known) return known;
    const { bytes } = this.get(id);
    const { default: sharp } = await import('sharp');
    const small = await sharp(bytes).resize(px, px, { fit: 'cover' }).jpeg({ quality: QUALITY }).toBuffer();
    if (this.#thumbnails.size >= MOST_THUMBNAILS) this.#thumbnails.clear();
    this.#thumbnails.set(key, small);
    return small;
  }

  has(id: string): boolean {
    return this.#prepare('select 1 from photo where id = ?').get(id) !== undefined;
  }
}

function idOf(bytes: Buffer): string {
  return createHash('sha256').update(bytes).digest('hex').slice(0, 32);
}

async function smaller(bytes: Buffer) {
  // Loaded with the first picture: it takes a fifth of a second that a start should not wait for.
  const { default: sharp } = await import('sharp');
  try {
    return await sharp(bytes, { limitInputPixels: MOST_PIXELS })
      .rotate()
      .resize(LONGEST_PX, LONGEST_PX, { fit: 'inside', withoutEnlargement: true })
      .flatten({ background: '#ffffff' })
      .jpeg({ quality: QUALITY })
      .toBuffer({ resolveWithObject: true });
  } catch {
    throw new NotAcceptable(
      'This is not a picture that can be read. Give a JPEG, PNG or WebP file. A HEIC photo of a phone has to be saved or shared as JPEG first.',
      [],
    );
  }
}
