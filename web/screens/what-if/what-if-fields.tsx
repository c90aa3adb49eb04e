// Four possible events, each off until its box is ticked.
import type { PieceDocument } from '../../../contract/pieces.ts';
import { dayAfter } from '../../../core/measure/days.ts';
import type { WhatIf } from '../../../core/plan/studio/what-if.ts';
import type { Bench } from '../../../core/studio/bench.ts';
import { Choice, type Option } from '../../components/choice.tsx';
import { Field } from '../../components/field.tsx';
import type { TrialTyped } from '../../hooks/use-trial-job.ts';

interface WhatIfFieldsProps {
  readonly change: WhatIf;
  readonly rush: TrialTyped | null;
  readonly bench: Bench;
  readonly pieces: readonly PieceDocument[];
  readonly tomorrow: string;
  readonly onChange: (change: WhatIf) => void;
  readonly onRush: (rush: TrialTyped | null) => void;
}

const urgencies: readonly Option[] = [
  { value: '', label: 'as it falls due' },
  { value: 'first', label: 'before all others' },
];
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
        label="Somebody is away"
        isOn={away !== null}
        onToggle={(isOn) => onChange({ ...change, away: isOn ? { maker: makers[0]?.value ?? '', ...span } : null })}
      >
        {away && (
          <>
            <Choice
              open
              value={away.maker}
              options={makers}
              label="Who is away"
              onChange={(maker) => onChange({ ...change, away: { ...away, maker } })}
            />
            <Days what="Away" span={away} onSpan={(days) => onChange({ ...change, away: { ...away, ...days } })} />
          </>
        )}
      </Line>
      {stations.length > 0 && (
        <Line
          label="A station breaks"
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
                label="Which station"
                onChange={(station) => onChange({ ...change, out: { ...out, station } })}
              />
              <Days what="Broken" span={out} onSpan={(days) => onChange({ ...change, out: { ...out, ...days } })} />
            </>
          )}
        </Line>
      )}
      <Line
        label="Another pair of hands"
        isOn={extra !== null}
        onToggle={(isOn) =>
          onChange({
            ...change,
            extra: isOn ? { name: 'Extra hands', from: tomorrow, to: dayAfter(tomorrow, 1) } : null,
          })
        }
      >
        {extra && (
          <>
            <Field
              open
              value={extra.name}
              label="Who helps"
              maxLength={60}
              onChange={(name) => onChange({ ...change, extra: { ...extra, name } })}
            />
            <Days
              what="Helping"
              span={extra}
              onSpan={(days) => onChange({ ...change, extra: { ...extra, ...days } })}
            />
          </>
        )}
      </Line>
      {options.length > 0 && (
        <Line
          label="A rush order"
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
                label="Rush, how many"
                onChange={(quantity) => onRush({ ...rush, quantity })}
              />
              <Choice
                open
                value={rush.pieceId}
                options={options}
                label="Rush, of which piece"
                onChange={(pieceId) => onRush({ ...rush, pieceId })}
              />
              <label className="flex items-baseline gap-2">
                by
                <input
                  type="date"
                  className="field field-open"
                  aria-label="Rush, by when"
                  value={rush.due}
                  onChange={({ target }) => onRush({ ...rush, due: target.value })}
                />
              </label>
              <Choice
                open
                value={rush.priority}
                options={urgencies}
                label="Rush, how urgent"
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
        <input
          type="date"
          className="field field-open"
          aria-label={`${what} from`}
          value={from}
          onChange={({ target }) =>
            target.value && onSpan({ from: target.value, to: to < target.value ? target.value : to })
          }
        />
      </label>
      <label className="flex items-baseline gap-2">
        to
        <input
          type="date"
          className="field field-open"
          aria-label={`${what} to`}
          value={to}
          onChange={({ target }) =>
            target.value && onSpan({ from: from > target.value ? target.value : from, to: target.value })
          }
        />
      </label>
    </>
  );
}
