// Which help page belongs to a screen.
const pages: readonly (readonly [screen: RegExp, page: string])[] = [
  [/^\/(?:bench|scale)/, 'bench'],
  [/^\/(?:day|plan|promise|what-if|hours)/, 'schedule'],
  [/^\/(?:jars|account|lots|convert|count|orders)/, 'metal-account'],
  [/^\/(?:batches|buying|shelf)/, 'batches-and-stock'],
  [/^\/(?:made|sales|outlets|make-next|review)/, 'finished-pieces'],
  [/^\/(?:prices|fairs|quotes|sheets)/, 'prices'],
  [/^\/(?:ask|reference)/, 'calculator'],
  [/^\/pieces\/./, 'parts-and-blanks'],
  [/^\/import/, 'tables-and-files'],
  [/^\/studio\/safety/, 'safe-keeping'],
];

/** The address of the help page of a screen. @param pathname  of the screen */
export function helpOf(pathname: string): string {
  const page = pages.find(([screen]) => screen.test(pathname))?.[1];
  return page ? `/help/${page}` : '/help';
}
