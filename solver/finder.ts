// The finder of better plans: hands problems to its process, where that has been built beside this file.
import { type ChildProcess, fork } from 'node:child_process';
import { existsSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import type { FinderTask, FinderTold } from './finder-child.ts';

/** A finder of better plans. */
export interface Finder {
  /** Starts to look; what was looked for before is left. `onTold` is called once, unless another task comes first. */
  readonly look: (task: Omit<FinderTask, 'id'>, onTold: (told: FinderTold) => void) => void;
  readonly close: () => void;
}

/** @returns null where the process has not been built: nothing is looked for then */
export function openFinder(): Finder | null {
  const script = fileURLToPath(new URL('./finder-child.js', import.meta.url));
  if (!existsSync(script)) return null;
  let child: ChildProcess | null = null;
  let id = 0;
  let onNews: (told: FinderTold) => void = () => undefined;
  const start = (): ChildProcess => {
    const own = fork(script, { serialization: 'advanced', stdio: ['ignore', 'ignore', 'inherit', 'ipc'] });
    own.on('message', (told: FinderTold) => {
      if (told.id === id) onNews(told);
    });
    own.on('exit', () => {
      if (child === own) child = null;
      // The task that it took with it is over.
      onNews({ id, schedule: null });
    });
    own.on('error', () => undefined);
    return own;
  };
  return {
    look: (task, onTold) => {
      id += 1;
      onNews = onTold;
      child ??= start();
      child.send({ ...task, id } satisfies FinderTask);
    },
    close: () => {
      onNews = () => undefined;
      child?.disconnect();
      child = null;
    },
  };
}
