// Work on a whole ledger file in a thread of its own, so that the server goes on answering.
import { parentPort, workerData } from 'node:worker_threads';
import { doSafekeeping, type SafekeepingTask } from './safekeeping-task.ts';

parentPort?.postMessage(doSafekeeping(workerData as SafekeepingTask));
