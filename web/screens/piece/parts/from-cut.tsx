// Backwards: what a blank that is cut already makes, and its measure for this part.
import { useState } from 'react';
import { readLength } from '../../../../core/measure/read/read-length.ts';
import { ringSizeOf, ringSizeText } from '../../../../core/measure/ring-size.ts';
import { isDecidedByCut, type MadeOfCut, madeOfCut } from '../../../../core/piece/backwards.ts';
import { lengthInWords, type Units } from '../../../../core/piece/cut-words.ts';
import type { Part } from '../../../../core/piece/part.ts';
import { Field } from '../../../components/field.tsx';
import { Labelled } from '../../../components/labelled.tsx';
import { useBasis } from '../../../hooks/use-basis.ts';
import type { SetFields } from '../../../hooks/use-editable-rows.ts';
import { words } from '../../../words/piece.ts';

interface FromCutProps {
  readonly part: Part;
  readonly units: Units;
  readonly set: SetFields<Part>;
}

export function FromCut({ part, units, set }: FromCutProps) {
  const [typed, setTyped] = useState('');
  const { rates } = useBasis();
  if (!isDecidedByCut(part)) return null;
  const reading = typed.trim() ? readLength(typed, { what: 'blank' }) : null;
  const made = reading?.ok ? madeOfCut(part, reading.value, rates.alloys) : null;
  const problem = reading && !reading.ok ? reading.sentence : undefined;
  return (
    <div className="flex flex-wrap items-baseline gap-x-5 gap-y-2">
      <Labelled word={words.alreadyCutTo}>
        <Field
          small
          open
          value={typed}
          label={`${part.name || words.thePart}, ${words.alreadyCutTo}`}
          unit={units === 'mm' ? 'mm' : 'in'}
          placeholder={words.length}
          onChange={setTyped}
          {...(problem && { problem })}
        />
      </Labelled>
      {made && (
        <span>
          {words.makes} <b>{inWords(part, made, units)}</b>{' '}
          <button
            type="button"
            className="link chrome"
            onClick={() => {
              set('', (changed) => void (changed.blank = made.blank));
              setTyped('');
            }}
          >
            {words.useThisMeasure}
          </button>
        </span>
      )}
      {reading?.ok && !made && <span className="problem">{words.noMeasureGivesThisCut}</span>}
      {problem && <span className="problem">{problem}</span>}
    </div>
  );
}

// `inside diameter 17.92 mm (UK O, US 7.7)`.
function inWords({ blank }: Part, { field, mm }: MadeOfCut, units: Units): string {
  const measure = field === 'size' || field === 'inside' ? words.insideDiameter : field;
  const long = `${measure} ${lengthInWords(mm, units, 2)}`;
  if (blank.rule !== 'ring-band') return long;
  const sizes = (['uk', 'us'] as const).map(
    (system) => `${system.toUpperCase()} ${ringSizeText(system, ringSizeOf(system, mm))}`,
  );
  return `${long} (${sizes.join(', ')})`;
}
