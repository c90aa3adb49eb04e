// Pictures in the ledger. A picture is taken in once, made smaller, and stripped of what the camera wrote into it.
import { createHash } from 'node:crypto';
import type { Ledger } from './ledger.ts';
import { preparedOnce, type Prepare } from './statements.ts';
import { NotAcceptable, NotThere } from './refusals.ts';

/** The longer side of a kept picture, px: a full page of a tablet. */
const LONGEST_PX = 1600;
const QUALITY = 82;
/** A picture of more pixels than this is no photograph of a bench. */
const MOST_PIXELS = 120_000_000;

export interface Photo {
  readonly id: string;
  readonly widthPx: number;
  readonly heightPx: number;
}

export class Photos {
  readonly #now: () => string;
  readonly #prepare: Prepare;

  constructor(ledger: Ledger, now: () => string) {
    this.#now = now;
    this.#prepare = preparedOnce(ledger);
  }

  /**
   * Takes a picture in: turned upright, at most 1600 px long, as JPEG, with nothing of the camera's (EXIF, place) left.
   * @throws NotAcceptable when the bytes are no picture
   */
  async add(bytes: Buffer): Promise<Photo> {
    const { data, info } = await smaller(bytes);
    return this.#keep(data, info.width, info.height);
  }

  /** Keeps bytes as they are: a picture that a ledger made smaller once already. */
  async keep(bytes: Buffer): Promise<Photo> {
    const { default: sharp } = await import('sharp');
    const { width, height } = await sharp(bytes).metadata();
    return this.#keep(bytes, width, height);
  }

  #keep(bytes: Buffer, widthPx: number, heightPx: number): Photo {
    const id = createHash('sha256').update(bytes).digest('hex').slice(0, 32);
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

  has(id: string): boolean {
    return this.#prepare('select 1 from photo where id = ?').get(id) !== undefined;
  }
}

async function smaller(bytes: Buffer) {
  // Fetched when the first picture comes: it takes a fifth of a second that a start should not wait for.
  const { default: sharp } = await import('sharp');
  try {
    return await sharp(bytes, { limitInputPixels: MOST_PIXELS })
      .rotate()
      .resize(LONGEST_PX, LONGEST_PX, { fit: 'inside', withoutEnlargement: true })
      .flatten({ background: '#ffffff' })
      .jpeg({ quality: QUALITY })
      .toBuffer({ resolveWithObject: true });
  } catch {
    throw new NotAcceptable('This is not a picture that can be read. Give a JPEG, PNG or WebP file.', []);
  }
}
