// How a part is cut: its lengths, the ring size it becomes, or the stone it holds.
import {
  type Blank,
  blankFieldOf,
  type BlankRule,
  blankRulesOf,
  freshBlank,
  mainFieldOf,
} from '../../../../core/blank/blank.ts';
import type { RingSizeSystem } from '../../../../core/measure/ring-size.ts';
import type { Units } from '../../../../core/piece/cut-words.ts';
import type { SectionForm } from '../../../../core/stock/section.ts';
import { type PartSection } from '../../../../core/stock/typed-section.ts';
import { Choice, type Option } from '../../../components/choice.tsx';
import { Field } from '../../../components/field.tsx';
import type { RowProblems } from '../../../hooks/use-row-problems.ts';
import { words } from '../../../words/piece.ts';

const ringSystems: readonly { value: RingSizeSystem; label: string }[] = [
  { value: 'uk', label: 'UK size' },
  { value: 'us', label: 'US size' },
  { value: 'iso', label: 'ISO size' },
  { value: 'jp', label: 'Japan size' },
  { value: 'mm', label: 'inside' },
];
const eases: readonly Option[] = [
  { value: 'habit', label: 'wide-band allowance' },
  { value: 'exact', label: 'to the size' },
];

const turnsPer: readonly Option[] = [
  { value: '', label: 'in total' },
  { value: 'cm', label: 'per cm' },
  { value: 'in', label: 'per inch' },
];

/** The list entry that adds a stone. No row has it for an id. */
export const NEW = 'new';

interface BlankFieldsProps {
  readonly name: string;
  readonly blank: Blank;
  /** Measures of the stock; a blank measure of the same name has another label. */
  readonly section: PartSection;
  readonly units: Units;
  /** Stones of the piece, for bezels. */
  readonly stones: readonly Option[];
  /** Adds a stone to the piece, for this bezel. */
  readonly onNewStone: () => void;
  readonly problems: RowProblems;
  readonly set: (field: string, change: (row: { blank: Blank }) => void) => void;
}

export function BlankFields({ name, blank, section, units, stones, onNewStone, problems, set }: BlankFieldsProps) {
  const lengthUnit = units === 'mm' ? 'mm' : 'in';
  const put = (key: string, value: string) =>
    set(`blank.${key}`, (part) => void Object.assign(part.blank, { [key]: value }));
  const field = ([key, value]: [string, string]) => {
    const unit = unitOf(blank, key, lengthUnit);
    const { word, blank: left } = blankFieldOf(blank.rule, key);
    return (
      <span key={key} className="whitespace-nowrap">
        <Field
          open
          value={value}
          label={`${name}, ${key in section ? 'finished ' : ''}${key === 'inside' ? words.insideDiameter : key}`}
          unit={unit}
          placeholder={left ?? placeholderOf(blank, key, unit)}
          column={key}
          maxLength={key === 'points' ? 400 : 60}
          onChange={(text) => put(key, text)}
          {...problems.at(`blank.${key}`)}
        />
        {word && <span className="aside"> {word}</span>}
      </span>
    );
  };
  const choice = (key: string, value: string, options: readonly Option[], label: string) => (
    <Choice
      key={key}
      small
      value={value}
      options={options}
      label={`${name}, ${label}`}
      onChange={(chosen) => (chosen === NEW ? onNewStone() : put(key, chosen))}
      {...problems.at(`blank.${key}`)}
    />
  );

  if (blank.rule === 'ring-band') {
    return (
      <>
        {choice('system', blank.system, ringSystems, 'ring size scale')}
        {field(['size', blank.size])}
        {blank.system !== 'mm' && choice('ease', blank.ease, eases, 'wide-band allowance')}
      </>
    );
  }
  if (blank.rule === 'bezel') {
    const options = [{ value: '', label: 'length' }, ...stones, { value: NEW, label: 'new stone' }];
    const gone = blank.stone && !stones.some(({ value }) => value === blank.stone);
    return (
      <>
        {choice(
          'stone',
          blank.stone,
          gone ? [...options, { value: blank.stone, label: 'deleted stone' }] : options,
          'stone',
        )}
        {!blank.stone && field(['around', blank.around])}
        {field(['clearance', blank.clearance])}
      </>
    );
  }
  if (blank.rule === 'twist') {
    return (
      <>
        {choice('system', blank.system, [{ value: '', label: 'long' }, ...ringSystems], 'length or ring size')}
        {field(['length', blank.length])}
        {field(['strands', blank.strands])}
        {field(['turns', blank.turns])}
        {choice('per', blank.per, turnsPer, 'turns')}
      </>
    );
  }
  return Object.entries(blank)
    .filter(([key]) => key !== 'rule')
    .map((entry) => (entry[0] === 'keeps' ? choice('keeps', entry[1], keptShapes, 'outline kept') : field(entry)));
}

const keptShapes: readonly Option[] = [
  { value: 'round', label: 'keeps a disc' },
  { value: 'oval', label: 'keeps an oval' },
  { value: 'teardrop', label: 'keeps a teardrop' },
  { value: 'rectangle', label: 'keeps a rectangle' },
];

function unitOf(blank: Blank, key: string, lengthUnit: string): string {
  if (key === 'grams') return 'g';
  // The excess of a bar is a share.
  if (blank.rule === 'pressed-bar' && key === 'excess') return '%';
  if (blankFieldOf(blank.rule, key).isCount || key === 'points') return '';
  if (blank.rule === 'twist' && key === 'length' && blank.system !== '' && blank.system !== 'mm') return '';
  return blank.rule === 'ring-band' && blank.system !== 'mm' ? '' : lengthUnit;
}

function placeholderOf(blank: Blank, key: string, unit: string): string {
  if (key === 'points') return '0,0 24,0 12,18';
  if (blank.rule === 'ring-band' && unit === '') return 'size';
  return unit || 'number';
}

/** A blank of another rule or for other stock: a rule that fits is kept, and the main measure is carried over. */
export function blankFor(before: Blank, form: SectionForm, wanted: BlankRule = before.rule): Blank {
  const fitting = blankRulesOf(form);
  const rule = fitting.includes(wanted) ? wanted : (fitting[0] ?? 'straight');
  if (rule === before.rule) return before;
  const fresh = freshBlank(rule);
  return rule === 'weight' || rule === 'outline' ? fresh : { ...fresh, [mainFieldOf(rule)]: mainMeasure(before) };
}

// A ring size is no length; neither is a weight or a list of corners.
function mainMeasure(blank: Blank): string {
  if (blank.rule === 'weight' || blank.rule === 'outline') return '';
  if (blank.rule === 'ring-band') return blank.system === 'mm' ? blank.size : '';
  return Object.entries(blank).find(([key]) => key === mainFieldOf(blank.rule))?.[1] ?? '';
}
