// Kinds of scrap: clean scrap can be melted again, soldered scrap and filings are refined.

/** Kinds of scrap. */
export const scrapKinds = ['clean', 'soldered', 'filings'] as const;
/** A kind of scrap. */
export type ScrapKind = (typeof scrapKinds)[number];
