// Check: pieces sold by the pair have even counts and a step that matches them.
import { readCount } from '../../measure/read/read-number.ts';
import { type Check, type CheckFinding, withStepAfter } from './check-context.ts';

/** The check `pairs`. */
export const pairs: Check = {
  name: 'pairs',
  isSizeDependent: true,
  why: 'One earring too few stops a batch, and a pair that does not match is two odd ones.',
  check: (context) => {
    const { piece } = context;
    const found: CheckFinding[] = [];
    for (const { part, computation } of context.parts) {
      const isPaired = piece.soldBy === 'pair' || part.paired;
      if (!isPaired || computation.count === 0 || computation.count % 2 === 0 || part.blank.rule === 'chain') continue;
      found.push({
        severity: 'warn',
        about: part.id,
        sentence: `${part.name.trim() || 'The part'}: ${String(computation.count)} in a pair. Make it an even count.`,
      });
    }
    if (piece.soldBy !== 'pair') return found;
    for (const finding of piece.findings) {
      const count = readCount(finding.count);
      if (finding.kind === 'sent-out' || isPackaging(finding.name) || !count.ok || count.value % 2 === 0) continue;
      found.push({
        severity: 'warn',
        about: finding.id,
        sentence: `${finding.name.trim() || 'The finding'}: ${String(count.value)} in a pair. Make it an even count.`,
      });
    }
    const matched = context.stepsOf('pair').length > 0;
    if (!matched && context.steps.length > 0)
      found.push({
        severity: 'warn',
        about: '',
        sentence: 'Sold by the pair, and no step matches them. Pair them by eye and by weight.',
        remedy: {
          says: 'Add the step',
          apply: withStepAfter(null, 'Match the pairs', { kind: 'pair', station: 'bench', each: '1' }),
        },
      });
    return found;
  },
};

// A card or a box holds the pair.
function isPackaging(name: string): boolean {
  return /card|box|bag|pouch|pack/i.test(name);
}
