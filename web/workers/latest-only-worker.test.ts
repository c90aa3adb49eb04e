// A worker is asked one thing at a time, and what has been overtaken is never asked at all.
import { expect, test } from 'vitest';
import { LatestOnlyWorker, type WorkerLike, type WorkerMessage } from './latest-only-worker.ts';

/** A worker that answers when it is told to. */
function quietWorker() {
  const sent: WorkerMessage<unknown, string>[] = [];
  let hear: (event: { data: unknown }) => void = () => undefined;
  const worker = {
    addEventListener: (_type: string, listener: typeof hear) => (hear = listener),
    postMessage: (message: WorkerMessage<unknown, string>) => void sent.push(message),
    terminate: () => void sent.push({ question: 'ended' }),
  } as unknown as WorkerLike;
  return { worker, sent, tell: (data: unknown) => hear({ data }) };
}

test('the subject of the questions is sent once, and again only when it changes', () => {
  const { worker, sent, tell } = quietWorker();
  const desk = new LatestOnlyWorker<string>(worker, () => undefined);
  const plan = { steps: 3 };
  for (const [about, question] of [
    [plan, 'a'],
    [plan, 'b'],
    [{ steps: 4 }, 'c'],
  ] as const) {
    desk.ask(about, question);
    tell(0);
  }
  expect(sent).toEqual([
    { about: plan },
    { question: 'a' },
    { question: 'b' },
    { about: { steps: 4 } },
    { question: 'c' },
  ]);
});

test('of the questions that arrive while it computes only the last is asked, about its own subject', () => {
  const { worker, sent, tell } = quietWorker();
  const told: [string, unknown][] = [];
  const desk = new LatestOnlyWorker<string>(worker, (question, answer) => told.push([question, answer]));
  desk.ask('one', 'a');
  desk.ask('one', 'b');
  desk.ask('two', 'c');
  expect(sent).toEqual([{ about: 'one' }, { question: 'a' }]);
  tell(1);
  expect(sent.slice(2)).toEqual([{ about: 'two' }, { question: 'c' }]);
  tell(3);
  expect(told).toEqual([
    ['a', 1],
    ['c', 3],
  ]);
  // Nothing was asked: what comes then answers nothing.
  tell(4);
  expect(told).toHaveLength(2);
});

test('a question without a subject is asked without it', () => {
  const { worker, sent } = quietWorker();
  const desk = new LatestOnlyWorker<string>(worker, () => undefined);
  desk.ask(null, 'a');
  desk.close();
  expect(sent).toEqual([{ question: 'a' }, { question: 'ended' }]);
});
