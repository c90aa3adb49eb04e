// The help: pages for makers, in Markdown beside this file. Each begins with its title.
const files = import.meta.glob<string>('./pages/*.md', { query: '?raw', import: 'default', eager: true });

/** A page of the help. */
export interface HelpPage {
  /** The last part of its address: `first-price`. */
  readonly page: string;
  readonly title: string;
  /** Markdown without the title. */
  readonly text: string;
  /** The first words of it, for the finder. */
  readonly words: string;
}

/** All pages, in the order of their files. */
export const helpPages: readonly HelpPage[] = Object.entries(files).map(([path, file]) => helpPage(path, file));

function helpPage(path: string, file: string): HelpPage {
  const [, page = ''] = /\/\d+-([a-z-]+)\.md$/.exec(path) ?? [];
  const [, title = '', text = ''] = /^# (.+)\n([\s\S]*)$/.exec(file) ?? [];
  return { page, title, text, words: text.replace(/[#*`[\]()]/g, ' ').slice(0, 600) };
}
