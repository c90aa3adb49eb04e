// The words of short messages.
import { localWords } from './local-words.ts';

export const words = localWords({ close: 'Close', message: 'Message', undo: 'Undo' });
