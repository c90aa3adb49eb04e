// Four possible events, each off until its box is ticked.
import type { PieceDocument } from '../../../contract/pieces.ts';
import { dayAfter } from '../../../core/measure/days.ts';
import type { WhatIf } from '../../../core/plan/studio/what-if.ts';
import type { Bench } from '../../../core/studio/bench.ts';
import { Choice } from '../../components/choice.tsx';
import { DateField } from '../../components/date-field.tsx';
import { Field } from '../../components/field.tsx';
import type { TrialTyped } from '../../hooks/use-trial-job.ts';
import { priorityOptions } from '../../words/priorities.ts';
import { words } from '../../words/what-if.ts';

interface WhatIfFieldsProps {
  readonly change: WhatIf;
  readonly rush: TrialTyped | null;
  readonly bench: Bench;
  readonly pieces: readonly PieceDocument[];
  readonly tomorrow: string;
  readonly onChange: (change: WhatIf) => void;
  readonly onRush: (rush: TrialTyped | null) => void;
}

const RUSH_DAYS = 4;

export function WhatIfFields({ change, rush, bench, pieces, tomorrow, onChange, onRush }: WhatIfFieldsProps) {
  const { away, out, extra } = change;
  const makers = bench.makers.map(({ id, name }) => ({ value: id, label: name }));
  const stations = bench.stations.map(({ name }) => ({ value: name, label: name }));
  const takeable = pieces.filter(({ revision }) => revision > 0);
  const options = takeable.map(({ id, body }) => ({ value: id, label: body.name || 'unnamed piece' }));
  const span = { from: tomorrow, to: tomorrow };
  return (
    <div className="chrome mt-3 text-[15px]">
      <Line
        label={words.staffAbsence}
        isOn={away !== null}
        onToggle={(isOn) => onChange({ ...change, away: isOn ? { maker: makers[0]?.value ?? '', ...span } : null })}
      >
        {away && (
          <>
            <Choice
              open
              value={away.maker}
              options={makers}
              label={words.maker}
              onChange={(maker) => onChange({ ...change, away: { ...away, maker } })}
            />
            <Days
              what={words.absent}
              span={away}
              onSpan={(days) => onChange({ ...change, away: { ...away, ...days } })}
            />
          </>
        )}
      </Line>
      {stations.length > 0 && (
        <Line
          label={words.stationOutOfService}
          isOn={out !== null}
          onToggle={(isOn) =>
            onChange({ ...change, out: isOn ? { station: stations.at(-1)?.value ?? '', ...span } : null })
          }
        >
          {out && (
            <>
              <Choice
                open
                value={out.station}
                options={stations}
                label={words.station}
                onChange={(station) => onChange({ ...change, out: { ...out, station } })}
              />
              <Days
                what={words.outOfService}
                span={out}
                onSpan={(days) => onChange({ ...change, out: { ...out, ...days } })}
              />
            </>
          )}
        </Line>
      )}
      <Line
        label={words.extraHelper}
        isOn={extra !== null}
        onToggle={(isOn) =>
          onChange({
            ...change,
            extra: isOn ? { name: words.nameOfTheHelper, from: tomorrow, to: dayAfter(tomorrow, 1) } : null,
          })
        }
      >
        {extra && (
          <>
            <Field
              open
              value={extra.name}
              label={words.helper}
              maxLength={60}
              onChange={(name) => onChange({ ...change, extra: { ...extra, name } })}
            />
            <Days
              what={words.helper}
              span={extra}
              onSpan={(days) => onChange({ ...change, extra: { ...extra, ...days } })}
            />
          </>
        )}
      </Line>
      {options.length > 0 && (
        <Line
          label={words.aRushOrder}
          isOn={rush !== null}
          onToggle={(isOn) =>
            onRush(
              isOn
                ? {
                    pieceId: options[0]?.value ?? '',
                    quantity: '6',
                    due: dayAfter(tomorrow, RUSH_DAYS),
                    priority: 'first',
                  }
                : null,
            )
          }
        >
          {rush && (
            <>
              <Field
                open
                className="num"
                value={rush.quantity}
                label={words.rushOrderQuantity}
                onChange={(quantity) => onRush({ ...rush, quantity })}
              />
              <Choice
                open
                value={rush.pieceId}
                options={options}
                label={words.rushOrderPiece}
                onChange={(pieceId) => onRush({ ...rush, pieceId })}
              />
              <label className="flex items-baseline gap-2">
                due
                <DateField
                  label={words.rushOrderDueDate}
                  value={rush.due}
                  onChange={(day) => onRush({ ...rush, due: day })}
                />
              </label>
              <Choice
                open
                value={rush.priority}
                options={priorityOptions}
                label={words.rushOrderPriority}
                onChange={(priority) => onRush({ ...rush, priority: priority as TrialTyped['priority'] })}
              />
            </>
          )}
        </Line>
      )}
    </div>
  );
}

interface LineProps {
  readonly label: string;
  readonly isOn: boolean;
  readonly onToggle: (isOn: boolean) => void;
  readonly children: React.ReactNode;
}

function Line({ label, isOn, onToggle, children }: LineProps) {
  return (
    <div className="flex min-h-[38px] flex-wrap items-baseline gap-x-4 gap-y-1 border-b border-hair py-[6px]">
      <label className="flex min-w-[12.5em] items-baseline gap-2">
        <input type="checkbox" checked={isOn} onChange={({ target }) => onToggle(target.checked)} />
        {label}
      </label>
      {children}
    </div>
  );
}

interface Span {
  readonly from: string;
  readonly to: string;
}

function Days({ what, span: { from, to }, onSpan }: { what: string; span: Span; onSpan: (span: Span) => void }) {
  return (
    <>
      <label className="flex items-baseline gap-2">
        from
        <DateField
          label={`${what} from`}
          value={from}
          onChange={(day) => day && onSpan({ from: day, to: to < day ? day : to })}
        />
      </label>
      <label className="flex items-baseline gap-2">
        to
        <DateField
          label={`${what} to`}
          value={to}
          onChange={(day) => day && onSpan({ from: from > day ? day : from, to: day })}
        />
      </label>
    </>
  );
}
