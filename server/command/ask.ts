// noon ask: the ask line for scripts. One question on the command line, or one a line from standard input.
import { ask, type AskBasis } from '../../core/ask/ask.ts';
import type { Figure } from '../../core/figure/figure.ts';

/** A figure as plain JSON, with its sum written out. */
interface FigureJson {
  label: string;
  value: number;
  unit: string;
  how: string;
  from: FigureJson[];
  source: string;
}

/** The answer to one question: its figures, the main one first, or why there are none. */
export type AskOutcome = { readonly figures: FigureJson[] } | { readonly error: string };

/** Answers one question. @returns its figures, or an error in one sentence */
export function outcomeOf(line: string, basis: AskBasis): AskOutcome {
  const answer = ask(line, basis);
  if (answer.ok) return { figures: answer.figures.map(toJson) };
  const understood = answer.understood.length > 0 ? ` Understood: ${answer.understood.join(', ')}.` : '';
  return { error: `${answer.sentence}${understood} Try: ${answer.nearest.join('; ')}` };
}

/** One line of output for one line of input: a JSON array, or an object with `error`. */
export function outputOf(outcome: AskOutcome): string {
  return JSON.stringify('figures' in outcome ? outcome.figures : outcome);
}

function toJson({ label, value, unit, how, from, source }: Figure): FigureJson {
  return { label, value, unit, how, from: from.map(toJson), source };
}
