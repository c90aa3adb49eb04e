// The details of a step: its kind of work, what it works on, and how it is planned.
import { local } from '../../../../core/format/variants.ts';
import { driverNames } from '../../../../core/piece/bench-time.ts';
import { mayPause, type Step, stepDrivers, type StepKind, stepKindOf, stepKinds } from '../../../../core/piece/step.ts';
import { workKindOf } from '../../../../core/work/work-kinds.ts';
import { Choice, type Option } from '../../../components/choice.tsx';
import { Field } from '../../../components/field.tsx';
import { Labelled } from '../../../components/labelled.tsx';
import { useBasis } from '../../../hooks/use-basis.ts';
import type { RowProblems } from '../../../hooks/use-row-problems.ts';
import { words } from '../../../words/piece.ts';
import type { EditStep } from './edit-step.ts';

const kindName = (kind: StepKind) => workKindOf(kind).name;
const kindOptions: readonly Option[] = stepKinds.map((value) => ({ value, label: kindName(value) }));
const driverOptions: readonly Option[] = stepDrivers.map((value) => ({ value, label: driverNames[value] }));

const transferOptions: readonly Option[] = [
  { value: '', label: 'with each load, where the next step has loads' },
  { value: 'each', label: 'with each load or group' },
  { value: 'all', label: 'when the whole batch is done' },
];

interface StepMoreProps {
  readonly step: Step;
  readonly index: number;
  readonly scopes: readonly Option[];
  readonly problems: RowProblems;
  readonly editStep: EditStep;
}

export function StepMore({ step, index, scopes, problems, editStep }: StepMoreProps) {
  const { studio } = useBasis();
  const name = step.name || 'the step';
  const field = (key: 'drivers' | 'load' | 'again' | 'yield' | 'spread', label: string, placeholder: string) => (
    <Field
      small
      open
      value={step[key]}
      label={`${name}, ${label}`}
      placeholder={placeholder}
      onChange={(value) => editStep(index, step, key, { [key]: value })}
      {...problems.at(key)}
    />
  );
  const choose = (
    key: 'kind' | 'of' | 'per' | 'maker' | 'pauses' | 'transfer',
    label: string,
    options: readonly Option[],
  ) => (
    <Choice
      small
      value={step[key]}
      options={options}
      label={`${name}, ${label}`}
      onChange={(value) => editStep(index, step, '', { [key]: value })}
    />
  );
  const known: Option = { value: '', label: `${kindName(stepKindOf({ kind: '', name: step.name }))}, from its name` };
  return (
    <div className="flex flex-wrap items-baseline gap-x-5 gap-y-2 pb-2 text-[14px]">
      <Labelled word="is">{choose('kind', 'kind of work', [known, ...kindOptions])}</Labelled>
      <Labelled word="done to">{choose('of', 'done to', scopes)}</Labelled>
      <Labelled word="driver">{choose('per', 'driver', driverOptions)}</Labelled>
      {step.per !== 'piece' && step.per !== 'load' && step.per !== 'batch' && (
        <Labelled word="per piece">{field('drivers', 'number per piece', 'from the recipe')}</Labelled>
      )}
      <Labelled word={words.loadOrGroup}>{field('load', 'load or group size', 'whole batch')}</Labelled>
      {step.load.trim() && (
        <Labelled word={words.loadsArePassedOn}>
          {choose('transfer', words.howLoadsArePassedOn, transferOptions)}
        </Labelled>
      )}
      <Labelled word="breaks">
        {choose('pauses', 'breaks', [
          { value: '', label: `${mayPause({ ...step, pauses: '' }) ? 'can pause' : 'one sitting'}, usual` },
          { value: 'yes', label: 'can be paused' },
          { value: 'no', label: 'one sitting' },
        ])}
      </Labelled>
      <Labelled word="done again">{field('again', 'share done again', 'none')}</Labelled>
      <Labelled word="yield">{field('yield', 'yield', 'all')}</Labelled>
      <Labelled word="variation ±">{field('spread', 'time variation', 'usual')}</Labelled>
      {studio.makers.length > 0 && (
        <Labelled word="by">
          {choose('maker', 'assigned to', [
            { value: '', label: local('standard labour rate') },
            ...studio.makers.map(({ id, name: maker }) => ({ value: id, label: maker || 'a maker' })),
          ])}
        </Labelled>
      )}
    </div>
  );
}
