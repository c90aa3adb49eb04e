// `20g` without a space: a gauge beside a length of stock, as many makers write it; grams everywhere else.

const SHORT = /\b(1\d|2\d|30)g\b/i;
const OF_MASS =
  /\b(?:what|which) (?:wire|stock|metal)|\bidentify|\b(?:value|worth|scrap|melt|alloy|water|air|wax|cast|casting|fine gold|how long|length for|to make)\b|\bg\b.*\bof \d/i;
const STOCK =
  /\b(?:wires?|jrs?|jump|sheet|rods?|square|round|rings?|bezels?|cabs?|discs?|pins?|bangles?|cuffs?|hoops?|twist|strands|sterling|copper|brass|silver)\b/i;
const LENGTH = /(\d+(?:[.,/]\d+)?) ?(mm|cm|m|in|inch|inches|ft|feet|foot|"|”|″|'|’)(?![a-z])/gi;
/** A measure of mm below this is a thickness itself. */
const THINNEST_MM = 3;

/** The line with its short gauge written out; null where there is none. */
export function withGauge(
  line: string,
): { readonly line: string; readonly said: string; readonly inGrams: string } | null {
  const [said, number] = SHORT.exec(line) ?? [];
  if (!said || !number || OF_MASS.test(line) || /\d ?(?:ga|gauge|awg|swg)\b/i.test(line) || !STOCK.test(line))
    return null;
  const lengths = [...line.matchAll(LENGTH)];
  const isThick = lengths.some(([, size = '', unit]) => unit === 'mm' && Number(size.replace(',', '.')) < THINNEST_MM);
  if (lengths.length === 0 || isThick) return null;
  return { line: line.replace(said, `${number} ga`), said, inGrams: line.replace(said, `${number} grams`) };
}
