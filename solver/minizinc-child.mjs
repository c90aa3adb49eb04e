// Runs the constraint solver (MiniZinc with Chuffed, as WebAssembly) in a process of its own: the package's worker script,
// handed the two functions a worker has. A model comes as one line of JSON on standard input; messages go out the same way.
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { createInterface } from 'node:readline';

const require = createRequire(import.meta.url);
const script = require.resolve('minizinc/minizinc-worker.js');
const wasmURL = require.resolve('minizinc/minizinc.wasm');
const dataURL = require.resolve('minizinc/minizinc.data');

const listeners = [];
globalThis.addEventListener = (type, listener) => {
  if (type === 'message') listeners.push(listener);
};
globalThis.postMessage = (message) => {
  process.stdout.write(`${JSON.stringify(message)}\n`);
};
const tell = (data) => listeners.forEach((listener) => listener({ data }));

new Function('require', '__filename', '__dirname', readFileSync(script, 'utf8'))(require, script, '.');
tell({ wasmURL, dataURL });
for await (const line of createInterface({ input: process.stdin })) tell(JSON.parse(line));
