// The sizes of a part's section, each in its own field.
import type { Alloy } from '../../core/metal/alloys.ts';
import type { Units } from '../../core/piece/cut-words.ts';
import { gaugeSystemOf } from '../../core/stock/gauged.ts';
import type { SectionForm } from '../../core/stock/section.ts';
import type { PartSection } from '../../core/stock/typed-section.ts';
import type { RowProblems } from '../hooks/use-row-problems.ts';
import { words } from '../words/components.ts';
import { Field } from './field.tsx';

interface SectionFieldsProps {
  readonly name: string;
  readonly section: PartSection;
  readonly alloy: Alloy | null;
  readonly units: Units;
  readonly problems: RowProblems;
  readonly set: (field: string, change: (row: { section: PartSection }) => void) => void;
}

/** Sizes that may be typed as a gauge. */
const gaugedFields = new Set(['diameter', 'side', 'thickness', 'wall', 'height']);
const fieldNames: Readonly<Record<string, string>> = {
  outside: 'outside',
  wall: 'wall',
  width: 'wide',
  thickness: 'thick',
  height: 'high',
};

export function SectionFields({ name, section, alloy, units, problems, set }: SectionFieldsProps) {
  const gauged = alloy !== null && gaugeSystemOf(alloy.family, section.form) !== 'none';
  const fields = Object.entries(section).filter(([field]) => field !== 'form');
  return fields.map(([field, value]) => (
    <span key={field} className="whitespace-nowrap">
      <Field
        small
        open
        value={value}
        label={`${name}, ${field}`}
        unit={field === 'weight' ? '' : units === 'mm' ? 'mm' : gauged && gaugedFields.has(field) ? 'ga' : 'in'}
        placeholder={
          field === 'weight' ? words.n31G100Mm : gauged && gaugedFields.has(field) ? words.n08MmOr20 : words.n08Mm
        }
        column={field}
        onChange={(text) => set(`section.${field}`, (part) => void Object.assign(part.section, { [field]: text }))}
        {...problems.at(`section.${field}`)}
      />
      {fields.length > 1 && <span className="aside"> {fieldNames[field]}</span>}
    </span>
  ));
}

/** The same stock in another form keeps its thickness. */
export function sectionFor(form: SectionForm, before: PartSection): PartSection {
  const size = thicknessOf(before);
  switch (form) {
    case 'round':
      return { form, diameter: size };
    case 'square':
      return { form, side: size };
    case 'strip':
      return { form, width: '', thickness: size };
    case 'half-round':
    case 'd':
    case 'triangle':
    case 'oval':
      return { form, width: '', height: size };
    case 'patterned':
      return { form, width: '', thickness: size, weight: '' };
    case 'tube':
    case 'square-tube':
      return { form, outside: '', wall: size };
    case 'sheet':
      return { form, thickness: size };
    case 'grain':
      return { form };
  }
}

function thicknessOf(section: PartSection): string {
  switch (section.form) {
    case 'round':
      return section.diameter;
    case 'square':
      return section.side;
    case 'half-round':
    case 'd':
    case 'triangle':
    case 'oval':
      return section.height;
    case 'tube':
    case 'square-tube':
      return section.wall;
    case 'strip':
    case 'patterned':
    case 'sheet':
      return section.thickness;
    case 'grain':
      return '';
  }
}
