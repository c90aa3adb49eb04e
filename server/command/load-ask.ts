// Loads noon ask from code that was compiled when it was built: compiling takes most of the time of a short command.
import { existsSync, readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { Script } from 'node:vm';
import type * as Bundle from './ask-bundle.ts';

type AskBundle = typeof Bundle;
type Wrapped = (exports: object, require: NodeJS.Require, module: object) => void;

/** Files of the build: the bundle, and V8's code of it. */
const [BUNDLE, CODE] = ['ask.cjs', 'ask.code'] as const;

/** @param folder  of the build; the code is compiled again where this Node has another V8 than the build */
export async function loadAsk(folder: string): Promise<AskBundle> {
  if (!existsSync(join(folder, CODE))) return await import('./ask-bundle.ts');
  return runBundle(folder, readFileSync(join(folder, CODE))).bundle;
}

/** Runs the bundle. @returns it, and its script, which knows the code of every function that has run */
export function runBundle(
  folder: string,
  cachedData?: Buffer,
): { readonly bundle: AskBundle; readonly script: Script } {
  const filename = join(folder, BUNDLE);
  const source = `(function (exports, require, module) {${readFileSync(filename, 'utf8')}\n})`;
  const script = new Script(source, { filename, ...(cachedData && { cachedData }) });
  const module = { exports: {} };
  const run = script.runInThisContext() as Wrapped;
  run(module.exports, createRequire(filename), module);
  return { bundle: module.exports as AskBundle, script };
}
