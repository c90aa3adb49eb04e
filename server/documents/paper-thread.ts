// One paper in a thread of its own, so that the server goes on answering.
import { parentPort, workerData } from 'node:worker_threads';
import { madePaper, type PaperTask } from './paper-task.ts';

parentPort?.postMessage(await madePaper(workerData as PaperTask));
