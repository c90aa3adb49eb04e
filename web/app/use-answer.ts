// Asking a worker: one question at a time, the page going on meanwhile; of those that come up while it reckons, only the last.
import { useEffect, useRef, useState } from 'react';

/** What goes to a worker: what the questions are about, when that has changed, or a question. */
export type Asked<About, Question> = { readonly about: About } | { readonly question: Question };

export interface Answer<Question, Told> {
  readonly question: Question;
  readonly told: Told;
}

/**
 * @param open      opens the worker; the same function each time
 * @param about     sent once, and again only when it is another
 * @param question  null: nothing is asked
 * @returns the last answer and what it answers, which may be older than the question; null before the first
 */
export function useAnswer<Question, Told>(
  open: () => Worker,
  about: unknown,
  question: Question | null,
): Answer<Question, Told> | null {
  const [answer, setAnswer] = useState<Answer<Question, Told> | null>(null);
  const desk = useRef<Desk<Question> | null>(null);
  useEffect(() => {
    const own = new Desk<Question>(open(), (asked, told) => setAnswer({ question: asked, told: told as Told }));
    desk.current = own;
    return () => own.close();
  }, [open]);
  useEffect(() => {
    if (question !== null) desk.current?.ask(about, question);
  }, [about, question]);
  return answer;
}

class Desk<Question> {
  readonly #worker: Worker;
  #about: unknown = null;
  #asked: Question | null = null;
  #next: { readonly about: unknown; readonly question: Question } | null = null;

  constructor(worker: Worker, onTold: (question: Question, told: unknown) => void) {
    this.#worker = worker;
    worker.addEventListener('message', ({ data }: MessageEvent<unknown>) => {
      const asked = this.#asked;
      this.#asked = null;
      if (asked !== null) onTold(asked, data);
      const next = this.#next;
      this.#next = null;
      if (next) this.ask(next.about, next.question);
    });
  }

  ask(about: unknown, question: Question): void {
    if (this.#asked !== null) {
      this.#next = { about, question };
      return;
    }
    if (this.#about !== about) {
      this.#worker.postMessage({ about } satisfies Asked<unknown, Question>);
      this.#about = about;
    }
    this.#asked = question;
    this.#worker.postMessage({ question } satisfies Asked<unknown, Question>);
  }

  close(): void {
    this.#worker.terminate();
  }
}
