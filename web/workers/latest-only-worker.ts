// The desk a worker sits at: one question at a time; of those that come up while it reckons, only the last.

/** What goes to a worker: what the questions are about, when that has changed, or a question. */
export type WorkerMessage<About, Question> = { readonly about: About } | { readonly question: Question };

/** As much of a worker as is used. */
export type WorkerLike = Pick<Worker, 'addEventListener' | 'postMessage' | 'terminate'>;

export class LatestOnlyWorker<Question> {
  readonly #worker: WorkerLike;
  #about: unknown = null;
  #asked: Question | null = null;
  #next: { readonly about: unknown; readonly question: Question } | null = null;

  constructor(worker: WorkerLike, onTold: (question: Question, told: unknown) => void) {
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
      this.#worker.postMessage({ about } satisfies WorkerMessage<unknown, Question>);
      this.#about = about;
    }
    this.#asked = question;
    this.#worker.postMessage({ question } satisfies WorkerMessage<unknown, Question>);
  }

  close(): void {
    this.#worker.terminate();
  }
}
