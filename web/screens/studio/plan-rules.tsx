// Scheduling rules: what is not worth starting, and what happens to better schedules.
import type { Issue } from '../../../core/measure/issue.ts';
import { UNNAMED } from '../../../core/studio/bench.ts';
import type { Studio } from '../../../core/studio/studio.ts';
import { Choice } from '../../components/choice.tsx';
import { words } from '../../words/studio.ts';
import { SettingLine } from './setting-line.tsx';
import { problemAt, type SettingProps } from './setting-props.ts';

const lateStarts = [
  { value: 'no', label: 'waits for the next shift' },
  { value: 'yes', label: 'is started and paused' },
];
const betterPlans = [
  { value: 'offer', label: 'offered' },
  { value: 'unseen', label: 'taken while nobody has looked' },
];

function setPrefers({ makers }: Studio, id: string, value: string): void {
  const maker = makers.find((one) => one.id === id);
  if (maker) maker.prefers = value;
}

export function PlanRules({ body, edit, problems }: SettingProps & { problems: readonly Issue[] }) {
  return (
    <section aria-labelledby="plan-rules" className="mt-6">
      <h2 id="plan-rules">{words.rulesOfThePlan}</h2>
      <table className="rows">
        <SettingLine
          label={words.lastMinutesOfAShift}
          help={words.nothingIsStartedInThem}
          value={body.lastStart}
          problem={problemAt(problems, 'lastStart')}
          onChange={(value) => edit('lastStart', (studio) => void (studio.lastStart = value))}
        />
      </table>
      <table className="rows">
        {body.makers.map(({ id, name, prefers }, index) => (
          <SettingLine
            key={id}
            label={`${words.workLikedBy} ${name.trim() || UNNAMED}`}
            help={index === 0 ? words.bestLikedFirst : ''}
            value={prefers}
            placeholder={words.allAlike}
            isWords
            problem={problemAt(problems, `makers.${String(index)}.prefers`)}
            onChange={(value) => edit(`makers.${id}.prefers`, (studio) => setPrefers(studio, id, value))}
          />
        ))}
      </table>
      <p className="mt-2 text-[15px]">
        {words.workThatMayPause}{' '}
        <Choice
          value={body.lateStarts}
          options={lateStarts}
          label={words.workThatMayPauseTitle}
          onChange={(value) => edit('', (studio) => void (studio.lateStarts = value as typeof body.lateStarts))}
        />
      </p>
      <p className="mt-1 text-[15px]">
        {words.betterPlansAre}{' '}
        <Choice
          value={body.betterPlans}
          options={betterPlans}
          label={words.betterPlans}
          onChange={(value) => edit('', (studio) => void (studio.betterPlans = value as typeof body.betterPlans))}
        />
      </p>
    </section>
  );
}
