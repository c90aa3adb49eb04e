// The alloy of a word as makers write it.
import { ask } from '../ask/ask.ts';
import type { Alloy } from '../metal/alloys.ts';

/** `Sterling silver`, `925`, `9ct yellow gold`: by its name, or as the calculator reads it; null where no alloy fits. */
export function alloyNamed(text: string, alloys: ReadonlyMap<string, Alloy>): string | null {
  const asked = text.trim().toLowerCase();
  const exact = [...alloys.values()].find(({ id, name }) => id === asked || name.toLowerCase() === asked);
  if (exact) return exact.id;
  const answer = ask(`1 mm round ${asked} 100 mm`, { alloys, fix: null });
  return answer.ok && answer.part ? answer.part.alloy : null;
}
