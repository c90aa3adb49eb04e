// The constraint solver in a process of its own for each model: started ahead, told the model, and ended to stop it.
import { spawn, type ChildProcessWithoutNullStreams } from 'node:child_process';
import { createInterface } from 'node:readline';
import { fileURLToPath } from 'node:url';

/** WebAssembly recurses deep while it reads a model. */
const STACK_KB = 4000;

interface Message {
  readonly type: string;
  readonly status?: string;
  readonly output?: { readonly default?: string };
  readonly message?: string;
  readonly what?: string;
}

export interface SolverRequest {
  readonly text: string;
  readonly data: unknown;
  readonly seconds: number;
  /** Each solution, better than the one before, as the model prints it. */
  readonly onSolution: (printed: string) => void;
}

/** `proved`: the last solution is the best there is; `none`: there is no solution at all; `stopped`: time was up. */
export type SolverOutcome = 'proved' | 'none' | 'stopped';

export class ConstraintSolver {
  #child: ChildProcessWithoutNullStreams | null = null;
  #told: (message: Message) => void = () => undefined;
  #ready: Promise<void> = Promise.resolve();
  /** What the solver last complained of; '' when it did not. */
  complaint = '';

  /** Starts the process, so that it is there when it is asked. */
  start(): void {
    if (this.#child) return;
    const script = fileURLToPath(new URL('./minizinc-child.mjs', import.meta.url));
    const child = spawn(process.execPath, [`--stack-size=${String(STACK_KB)}`, script]);
    this.#child = child;
    child.stdin.on('error', () => undefined);
    child.stderr.resume();
    this.#ready = new Promise((resolve) => {
      createInterface({ input: child.stdout }).on('line', (line) => {
        const message = JSON.parse(line) as Message;
        if (message.type === 'error' || (message.type === 'exit' && message.message))
          this.complaint = message.message ?? message.what ?? 'the solver failed';
        if (message.type === 'ready') resolve();
        else this.#told(message);
      });
      child.on('close', () => {
        resolve();
        if (this.#child === child) this.#child = null;
        this.#told({ type: 'exit' });
      });
    });
  }

  /** Asks one thing after the other; never two at once. */
  async ask({ text, data, seconds, onSolution }: SolverRequest): Promise<SolverOutcome> {
    if (seconds <= 0) return 'stopped';
    this.start();
    const child = this.#child;
    const timer = setTimeout(() => this.stop(), seconds * 1000);
    try {
      await this.#ready;
      return await new Promise<SolverOutcome>((resolve) => {
        let outcome: SolverOutcome = 'stopped';
        this.#told = (message) => {
          if (message.type === 'solution' && message.output?.default) onSolution(message.output.default);
          if (message.type === 'status' && message.status === 'OPTIMAL_SOLUTION') outcome = 'proved';
          if (message.type === 'status' && message.status === 'UNSATISFIABLE') outcome = 'none';
          if (message.type === 'exit') resolve(outcome);
        };
        const files = { 'model.mzn': text, 'data.json': JSON.stringify(data) };
        const args = ['--solver', 'chuffed', '-a', '-f', 'model.mzn', 'data.json'];
        if (this.#child !== child || !child) resolve('stopped');
        else child.stdin.write(`${JSON.stringify({ jsonStream: true, files, args })}\n`);
      });
    } finally {
      clearTimeout(timer);
      this.#told = () => undefined;
      // It does not clean up after itself: a second model in the same process fails.
      this.stop();
    }
  }

  /** Ends the process: whatever it was asked is over. */
  stop(): void {
    this.#child?.kill('SIGKILL');
    this.#child = null;
  }
}
