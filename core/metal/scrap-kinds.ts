// What metal cut off or spoilt is good for: clean to be melted again, with solder in it, or as filings.

export const scrapKinds = ['clean', 'soldered', 'filings'] as const;
export type ScrapKind = (typeof scrapKinds)[number];
