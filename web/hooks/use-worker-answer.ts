// Asking a worker: one question at a time, the page going on meanwhile; of those that come up while it reckons, only the last.
import { useEffect, useRef, useState } from 'react';
import { LatestOnlyWorker } from '../workers/latest-only-worker.ts';

export interface WorkerAnswer<Question, Told> {
  readonly question: Question;
  readonly told: Told;
}

/**
 * @param open      opens the worker, with the first question; the same function each time
 * @param about     sent once, and again only when it is another
 * @param question  null: nothing is asked
 * @returns the last answer and what it answers, which may be older than the question; null before the first
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
    // Opened with the first question: most pages never ask one.
    desk.current ??= new LatestOnlyWorker<Question>(open(), (asked, told) =>
      setAnswer({ question: asked, told: told as Told }),
    );
    desk.current.ask(about, question);
  }, [open, about, question]);
  return answer;
}
