// An answer of the ask line: the main figure large, the others below. Assumptions can be changed.
import { useState } from 'react';
import type { Answer, Assumption, Correction, NotUnderstood } from '../../core/ask/ask.ts';
import type { Figure } from '../../core/figure/figure.ts';
import { showExactly } from '../../core/figure/show.ts';
import { words } from '../words/components.ts';
import { Calculation } from './calculation.tsx';

interface AnswerViewProps {
  readonly answer: Answer | NotUnderstood;
  /** Asks another line in place of this one. */
  readonly onAsk: (line: string) => void;
}

export function AnswerView({ answer, onAsk }: AnswerViewProps) {
  if (!answer.ok) return <Sentence answer={answer} onAsk={onAsk} />;
  const { figures, assumptions, note } = answer;
  return (
    <div>
      {figures.map((figure, index) => (
        // The list keeps the order of the answer, so the index is a stable key.
        <AnswerLine key={index} figure={figure} main={index === 0} />
      ))}
      {note && <p className="aside mt-2">{note}</p>}
      {assumptions.length > 0 && (
        <p className="mt-2 flex flex-wrap items-baseline gap-x-3 gap-y-1 text-[14px]">
          <span className="text-soft">{words.assumed}</span>
          {assumptions.map((assumption) => (
            <Assumed key={assumption.says} assumption={assumption} onAsk={onAsk} />
          ))}
        </p>
      )}
    </div>
  );
}

function AnswerLine({ figure, main }: { figure: Figure; main: boolean }) {
  const [open, setOpen] = useState(false);
  return (
    <div className={main ? '' : 'border-t border-hair'}>
      <button
        type="button"
        className="figure flex! items-baseline justify-between gap-4 text-left!"
        aria-expanded={open}
        onClick={() => setOpen(!open)}
        onKeyDown={(event) => {
          if (event.key !== 'Escape' || !open) return;
          event.stopPropagation();
          setOpen(false);
        }}
      >
        <span className={main ? 'font-semibold' : 'text-[15px]'}>{figure.label}</span>{' '}
        <span className={main ? 'num text-[22px] font-bold' : 'num'}>{showExactly(figure)}</span>
      </button>
      {main && !open && figure.how && (
        <p className="aside num -mt-1 pb-1 text-right whitespace-normal!">{figure.how}</p>
      )}
      {open && <Calculation figure={figure} show={showExactly} />}
    </div>
  );
}

function Assumed({ assumption: { says, choices }, onAsk }: { assumption: Assumption; onAsk: (line: string) => void }) {
  if (choices.length === 0) return <span>{says}</span>;
  const others = choices.flatMap(({ label, figure }) => (figure ? [{ label, figure }] : [])).slice(0, SHOWN_READINGS);
  return (
    <span className="flex flex-wrap items-baseline gap-x-2">
      <select
        className="field field-choice"
        aria-label={`${says}, assumed: choose another`}
        value=""
        onChange={(event) => onAsk(event.target.value)}
      >
        <option value="">{says}</option>
        {choices.map(({ label, line }) => (
          <option key={label} value={line}>
            {label}
          </option>
        ))}
      </select>
      {others.map(({ label, figure }) => (
        <span key={label} className="num text-soft whitespace-nowrap">
          {label}: {showExactly(figure)}
        </span>
      ))}
    </span>
  );
}

/** Other readings shown beside an assumption. */
const SHOWN_READINGS = 2;

function Corrections({ corrections, onAsk }: { corrections: readonly Correction[]; onAsk: (line: string) => void }) {
  return corrections.map(({ word, meant, line }) => (
    <p key={word} className="mt-2 text-[14px]">
      “{word}
      {words.isNotAKnownWord}{' '}
      <button type="button" className="link" onClick={() => onAsk(line)}>
        Read as {meant}
      </button>
    </p>
  ));
}

function Sentence({ answer, onAsk }: { answer: NotUnderstood; onAsk: (line: string) => void }) {
  return (
    <div className="text-[15px]">
      <p>{answer.sentence}</p>
      {answer.understood.length > 0 && <p className="aside mt-1">Understood: {answer.understood.join(', ')}</p>}
      {answer.unknown.length > 0 && <p className="aside mt-1">Not understood: {answer.unknown.join(', ')}</p>}
      <Corrections corrections={answer.corrections} onAsk={onAsk} />
      <ul className="mt-2">
        {answer.nearest.map((line) => (
          <li key={line}>
            <button type="button" className="link" onClick={() => onAsk(line)}>
              {line}
            </button>
          </li>
        ))}
      </ul>
    </div>
  );
}
