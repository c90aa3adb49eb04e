// Puts the maker's usual unit behind a bare number, so that what is stored does not depend on a setting.

/**
 * Puts a unit behind typed text that has none.
 * @param text  as typed; blank text and text with any letter or inch mark stay as they are
 * @param unit  what a bare number means in this field, or '' when it needs none
 * @example withUnit('33', 'mm') // '33 mm'
 * @example withUnit('2*14+3', 'in') // '(2*14+3) in'
 */
export function withUnit(text: string, unit: string): string {
  // An apostrophe between digits separates thousands: 1'200.
  const bare = text.replace(/\bpi\b|\bsqrt\b/gi, '').replace(/(\d)['’](?=\d{3}(?!\d))/g, '$1');
  if (!unit || text.trim() === '' || /[a-z"″”'′#%]/i.test(bare)) return text;
  return /^\s*[\d.,'’]+\s*$|^\s*(\d+[ -])?\d+\/\d+\s*$/.test(text)
    ? `${text.trim()} ${unit}`
    : `(${text.trim()}) ${unit}`;
}
