// How a part is cut: its lengths, or the size of the ring it becomes.
import type { RingSizeSystem } from '../../../core/measure/ring-size.ts';
import { blankRulesByForm, type Blank, type BlankRule, type SectionForm } from '../../../core/piece/piece.ts';
import { Choice } from '../../parts/choice.tsx';
import { Field } from '../../parts/field.tsx';
import type { Units } from '../../parts/stock-words.ts';
import type { RowProblems } from '../../parts/use-problems.ts';
import type { EditPart } from './part-rows.tsx';

export const ruleNames = {
  straight: 'straight',
  'ring-band': 'ring band',
  'jump-ring': 'jump ring',
  disc: 'disc',
  rectangle: 'rectangle',
} as const satisfies Record<BlankRule, string>;

const ringSystems: readonly { value: RingSizeSystem; label: string }[] = [
  { value: 'uk', label: 'UK size' },
  { value: 'us', label: 'US size' },
  { value: 'iso', label: 'ISO size' },
  { value: 'jp', label: 'Japan size' },
  { value: 'mm', label: 'inside' },
];

const fieldNames: Readonly<Record<string, string>> = { inside: 'inside', width: 'by' };

interface BlankFieldsProps {
  readonly name: string;
  readonly blank: Blank;
  readonly units: Units;
  readonly problems: RowProblems;
  readonly set: (field: string, change: Parameters<EditPart>[3]) => void;
}

export function BlankFields({ name, blank, units, problems, set }: BlankFieldsProps) {
  const lengthUnit = units === 'mm' ? 'mm' : 'in';
  const field = (key: string, value: string, unit: string) => (
    <span key={key} className="whitespace-nowrap">
      <Field
        open
        value={value}
        label={`${name}, ${key === 'inside' ? 'inside diameter' : key}`}
        unit={unit}
        placeholder={key === 'size' && unit === '' ? 'size' : lengthUnit}
        column={key}
        onChange={(text) => set(`blank.${key}`, (part) => void Object.assign(part.blank, { [key]: text }))}
        {...problems.at(`blank.${key}`)}
      />
      {fieldNames[key] && <span className="aside"> {fieldNames[key]}</span>}
    </span>
  );

  if (blank.rule !== 'ring-band') {
    return Object.entries(blank)
      .filter(([key]) => key !== 'rule')
      .map(([key, value]) => field(key, value, lengthUnit));
  }
  return (
    <>
      <Choice
        value={blank.system}
        options={ringSystems}
        label={`${name}, ring size scale`}
        onChange={(system) => set('blank.system', (part) => void Object.assign(part.blank, { system }))}
      />
      {field('size', blank.size, blank.system === 'mm' ? lengthUnit : '')}
    </>
  );
}

/** A blank of another rule or for other stock: a rule that fits stays as it is, and a length typed goes over. */
export function blankFor(before: Blank, form: SectionForm, wanted: BlankRule = before.rule): Blank {
  const fitting: readonly BlankRule[] = blankRulesByForm[form];
  const rule = fitting.includes(wanted) ? wanted : (fitting[0] ?? 'straight');
  if (rule === before.rule) return before;
  const size = sizeOf(before);
  switch (rule) {
    case 'straight':
      return { rule, length: size };
    case 'ring-band':
      return { rule, system: 'mm', size };
    case 'jump-ring':
      return { rule, inside: size };
    case 'disc':
      return { rule, diameter: size };
    case 'rectangle':
      return { rule, width: size, length: '' };
  }
}

function sizeOf(blank: Blank): string {
  switch (blank.rule) {
    case 'straight':
    case 'rectangle':
      return blank.length;
    case 'ring-band':
      return blank.system === 'mm' ? blank.size : '';
    case 'jump-ring':
      return blank.inside;
    case 'disc':
      return blank.diameter;
  }
}
