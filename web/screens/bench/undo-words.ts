// What an undo takes back, in words.
import type { NewBenchEntry } from '../../../core/bench/bench-entry.ts';
import { happeningWords, weighingWords } from '../../words/bench.ts';

/** `1 good`, `start`, `84.2 g finished pieces`. */
export function undoWords({ how, detail = {} }: NewBenchEntry): string {
  switch (how) {
    case 'counted': {
      const { good = 0, again = 0, lost = 0 } = detail;
      if (good) return `${String(good)} good`;
      return again ? `${String(again)} again` : `${String(lost)} lost`;
    }
    case 'weighed':
      return `${String(detail.grams ?? 0)} g ${weighingWords[detail.weighing ?? 'in'].toLowerCase()}`;
    case 'noted':
      return happeningWords[detail.what ?? 'interrupted'].toLowerCase();
    case 'worked':
      return `${String(detail.minutes ?? 0)} min of the helper`;
    case 'started':
      return 'start';
    case 'paused':
      return 'pause';
    case 'left':
      return 'leaving it';
    case 'done':
      return 'done';
    case 'photo':
      return 'photo';
    case 'taken-back':
    case 'voided':
    case 'pinned':
    case 'let-go':
      return '';
  }
}
