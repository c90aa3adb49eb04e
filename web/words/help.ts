// The words of the help.
import { localWords } from './local-words.ts';

export const words = localWords({
  help: 'Help',
  nothingFound: 'No help page has these words.',
  print: 'Print this page',
  search: 'Search the help',
});
