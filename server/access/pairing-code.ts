// The code that lets one device in: six digits, five minutes, five wrong tries, one use.
import { randomInt, timingSafeEqual } from 'node:crypto';
import type { DeviceRole } from '../../contract/access.ts';

/** A code that is shown. */
export interface ShownCode {
  readonly digits: string;
  readonly role: DeviceRole;
  /** ISO 8601 */
  readonly until: string;
}

const DIGITS = 6;
const VALID_MS = 5 * 60_000;
const MOST_WRONG = 5;

/** The one code that is valid, if any. */
export class PairingCode {
  readonly #now: () => string;
  #code: ShownCode | null = null;
  #wrong = 0;

  constructor(now: () => string) {
    this.#now = now;
  }

  /** Makes a new code; an earlier one ends. */
  make(role: DeviceRole): ShownCode {
    const digits = String(randomInt(10 ** DIGITS)).padStart(DIGITS, '0');
    this.#code = { digits, role, until: new Date(Date.parse(this.#now()) + VALID_MS).toISOString() };
    this.#wrong = 0;
    return this.#code;
  }

  /** The code as long as it is valid. */
  shown(): ShownCode | null {
    if (this.#code && this.#code.until <= this.#now()) this.#code = null;
    return this.#code;
  }

  /** Uses the code up. @returns the role it gives; null for wrong digits, which end the code after five tries */
  use(digits: string): DeviceRole | null {
    const code = this.shown();
    if (!code) return null;
    if (isSame(digits.replaceAll(/\s/g, ''), code.digits)) {
      this.#code = null;
      return code.role;
    }
    this.#wrong += 1;
    if (this.#wrong >= MOST_WRONG) this.#code = null;
    return null;
  }

  end(): void {
    this.#code = null;
  }
}

function isSame(a: string, b: string): boolean {
  const [one, other] = [Buffer.from(a), Buffer.from(b)];
  return one.length === other.length && timingSafeEqual(one, other);
}
