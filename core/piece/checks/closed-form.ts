// Check: a closed hollow form without a vent.
import { readCount } from '../../measure/read/read-number.ts';
import { type Check, type CheckFinding, withRow } from './check-context.ts';

/** The check `closed-form`. */
export const closedForm: Check = {
  name: 'closed-form',
  why: 'Air and steam shut in burst a hot form, and pickle that seeps in comes out for weeks.',
  check: (context) =>
    context.piece.groups.flatMap(({ id, name, closed, vents }): CheckFinding[] => {
      const holes = readCount(vents || '0', 0);
      // A drilled hole in one of its parts is a vent.
      const isDrilled = context.parts.some(({ part, computation }) => part.group === id && computation.holes > 0);
      if (!closed || isDrilled || (holes.ok && holes.value > 0)) return [];
      return [
        {
          severity: 'stop',
          about: id,
          sentence: `${name.trim() || 'The hollow form'}: closed, without a vent. Drill one where it will not show, before the last join.`,
          remedy: { says: 'One vent', apply: withRow('groups', id, () => ({ vents: '1' })) },
        },
      ];
    }),
};
