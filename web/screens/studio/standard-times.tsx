// The studio's standard times by kind of work, beside what was learned at the bench; and what happens to small changes.
import { showNumber } from '../../../core/format/numbers.ts';
import type { Issue } from '../../../core/measure/issue.ts';
import { type StepKind, stepKinds } from '../../../core/piece/step.ts';
import type { Studio } from '../../../core/studio/studio.ts';
import { workKindOf } from '../../../core/work/work-kinds.ts';
import { Choice } from '../../components/choice.tsx';
import { Field } from '../../components/field.tsx';
import { TableHeader } from '../../components/table-header.tsx';
import { useGetLearnedKindsQuery } from '../../state/endpoints/bench.ts';
import { words } from '../../words/studio.ts';
import { problemAt, type SettingProps } from './setting-props.ts';

const takeOptions = [
  { value: 'offer', label: 'offered' },
  { value: 'small', label: 'taken when a batch is finished' },
];

export function StandardTimesBox({ body, edit, problems }: SettingProps & { problems: readonly Issue[] }) {
  const { data: learned = [] } = useGetLearnedKindsQuery();
  const kinds = stepKinds.filter(
    (kind) => learned.some((one) => one.kind === kind) || body.standardTimes.some((one) => one.kind === kind),
  );
  return (
    <section aria-labelledby="standard-times" className="mt-6">
      <h2 id="standard-times">{words.standardTimes}</h2>
      <p className="text-[14px] text-soft">{words.standardTimesLong}</p>
      <p className="mt-1 text-[15px]">
        {words.smallChangesOfLearned}{' '}
        <Choice
          value={body.learnedTimes}
          options={takeOptions}
          label={words.smallChangesOfLearned}
          onChange={(value) => edit('', (studio) => void (studio.learnedTimes = value as Studio['learnedTimes']))}
        />
      </p>
      {kinds.length > 0 && (
        <table className="rows">
          <TableHeader
            of={[
              'work',
              { end: 'learned' },
              { start: 'likely' },
              { end: 'batches' },
              { end: 'in use' },
              { hidden: 'use' },
            ]}
          />
          <tbody>
            {kinds.map((kind) => (
              <Kind
                key={kind}
                kind={kind}
                learned={learned.find((one) => one.kind === kind)}
                body={body}
                edit={edit}
                problems={problems}
              />
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}

interface KindProps extends SettingProps {
  readonly kind: StepKind;
  readonly learned:
    { readonly factor: number; readonly likely: readonly [number, number]; readonly batches: number } | undefined;
  readonly problems: readonly Issue[];
}

function Kind({ kind, learned, body, edit, problems }: KindProps) {
  const at = body.standardTimes.findIndex((one) => one.kind === kind);
  const share = body.standardTimes[at]?.share ?? '';
  const name = workKindOf(kind).name;
  const offered = learned ? percent(learned.factor) : '';
  const set = (value: string) =>
    edit(`standardTimes.${kind}`, (studio) => {
      const others = studio.standardTimes.filter((one) => one.kind !== kind);
      studio.standardTimes = value.trim() === '' ? others : [...others, { kind, share: value }];
    });
  return (
    <tr className="border-b border-hair">
      <td className="first">{name}</td>
      <td className="end num">{offered}</td>
      <td className="num text-soft">{learned ? learned.likely.map((one) => percent(one)).join(' to ') : ''}</td>
      <td className="end num text-soft">{learned?.batches ?? ''}</td>
      <td className="end">
        <Field
          value={share}
          label={`${words.standardTimes}, ${name}`}
          placeholder="100 %"
          problem={at < 0 ? undefined : problemAt(problems, `standardTimes.${String(at)}.share`)}
          onChange={set}
        />
      </td>
      <td className="end">
        {learned && offered !== (share || '100 %') && (
          <button
            type="button"
            className="link text-[14px]"
            aria-label={`${words.useThis}: ${name}`}
            onClick={() => set(offered)}
          >
            {words.useThis}
          </button>
        )}
      </td>
    </tr>
  );
}

const percent = (factor: number) => `${showNumber(100 * factor, 0)} %`;
