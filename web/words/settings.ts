// The words of the notes on settings.
import { localWords } from './local-words.ts';

export const words = localWords({
  aTenthMore: 'A tenth more,',
  usual: 'Usual:',
  whatItDoes: 'what it does',
});
