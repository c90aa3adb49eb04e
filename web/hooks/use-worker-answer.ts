// Asks a worker one question at a time. Of the questions that arrive while it computes, only the last is asked.
import { useEffect, useRef, useState } from 'react';
import { LatestOnlyWorker } from '../workers/latest-only-worker.ts';

export interface WorkerAnswer<Question, Told> {
  readonly question: Question;
  readonly told: Told;
}

/**
 * @param open      opens the worker at the first question; pass the same function each time
 * @param about     sent once, and again only when it changes
 * @param question  null: no question
 * @returns the last answer and its question, which may be older than `question`; null before the first
 */
export function useWorkerAnswer<Question, Told>(
  open: () => Worker,
  about: unknown,
  question: Question | null,
): WorkerAnswer<Question, Told> | null {
  const [answer, setAnswer] = useState<WorkerAnswer<Question, Told> | null>(null);
  const desk = useRef<LatestOnlyWorker<Question> | null>(null);
  useEffect(() => {
    return () => {
      desk.current?.close();
      desk.current = null;
    };
  }, []);
  useEffect(() => {
    if (question === null) return;
    // Opened at the first question: most pages never ask one.
    desk.current ??= new LatestOnlyWorker<Question>(open(), (asked, told) =>
      setAnswer({ question: asked, told: told as Told }),
    );
    desk.current.ask(about, question);
  }, [open, about, question]);
  return answer;
}
