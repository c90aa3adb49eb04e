// The constraint solver in a process of its own for each model: started ahead, given the model, and ended to stop it.
import { type ChildProcessWithoutNullStreams, spawn } from 'node:child_process';
import { createInterface } from 'node:readline';
import { fileURLToPath } from 'node:url';

/** WebAssembly recurses deeply while it reads a model. */
const STACK_KB = 4000;

interface Message {
  readonly type: string;
  readonly status?: string;
  readonly output?: { readonly default?: string };
  readonly message?: string;
  readonly what?: string;
}

/** A model, its data, and the time it may take. */
export interface SolverRequest {
  readonly text: string;
  readonly data: unknown;
  readonly seconds: number;
  /** Called with each solution, better than the one before. */
  readonly onSolution: (printed: string) => void;
}

/** `proved`: the last solution is optimal; `none`: infeasible; `stopped`: time was up. */
export type SolverOutcome = 'proved' | 'none' | 'stopped';

/** A constraint solver that runs one model a process. */
export class ConstraintSolver {
  #child: ChildProcessWithoutNullStreams | null = null;
  #told: (message: Message) => void = () => undefined;
  #ready: Promise<void> = Promise.resolve();
  /** The solver's last error message; '' without one. */
  complaint = '';

  /** Starts the process ahead of the first request. */
  start(): void {
    if (this.#child) return;
    const script = fileURLToPath(new URL('./minizinc-child.mjs', import.meta.url));
    // Compiled once, in the baseline tier: optimizing it anew in each process takes longer than it saves.
    const flags = [`--stack-size=${String(STACK_KB)}`, '--liftoff-only'];
    const child = spawn(process.execPath, [...flags, script]);
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

  /** Solves one request after the other; never two at once. */
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

  /** Ends the process and its request. */
  stop(): void {
    this.#child?.kill('SIGKILL');
    this.#child = null;
  }
}
