// Working hours.
import { studioFormat } from '../../../core/format/studio-format.ts';
import type { Issue } from '../../../core/measure/issue.ts';
import { Field } from '../../components/field.tsx';
import { TableHeader } from '../../components/table-header.tsx';
import { words } from '../../words/studio.ts';
import { weekdayNames } from '../../words/weekdays.ts';
import { problemAt, type SettingProps } from './setting-props.ts';

/** Indexes of the weekdays, from the first day of the studio's week. */
function daysInOrder(): number[] {
  return weekdayNames.map((_, index) => (index + studioFormat().weekStart - 1) % weekdayNames.length);
}

export function HoursRows({ body, edit, problems }: SettingProps & { problems: readonly Issue[] }) {
  return (
    <section aria-labelledby="hours" className="mt-6">
      <h2 id="hours">{words.workingHours}</h2>
      <table className="rows">
        <TableHeader className="sr-only" of={['day', 'hours']} />
        {daysInOrder().map((index) => {
          const day = weekdayNames[index] ?? '';
          const problem = problemAt(problems, `hours.${String(index)}`);
          return (
            <tbody key={day}>
              <tr>
                <td className="first w-[8em]">{day}</td>
                <td>
                  <Field
                    wide
                    className="num"
                    value={body.hours[index] ?? ''}
                    label={`${day}, working hours`}
                    placeholder={words.dayOff}
                    column="hours"
                    problem={problem}
                    problemId={`hours-${day}`}
                    onChange={(value) => edit(`hours.${String(index)}`, (studio) => void (studio.hours[index] = value))}
                  />
                </td>
              </tr>
              {problem && (
                <tr>
                  <td colSpan={2} id={`hours-${day}`} className="problem">
                    {problem}
                  </td>
                </tr>
              )}
            </tbody>
          );
        })}
      </table>
    </section>
  );
}
