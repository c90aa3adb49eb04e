import { local } from '../../core/format/variants.ts';

/**
 * The words of a screen, each read in the English of the studio's country: `words.labourRate` is “Labor rate” in the
 * United States. Read them where they are shown, never once at the start: the country can change.
 */
export function localWords<const T extends Readonly<Record<string, string>>>(words: T): T {
  return new Proxy(words, {
    get: (texts, key) => (typeof key === 'string' && key in texts ? local(texts[key] ?? '') : undefined),
  });
}
