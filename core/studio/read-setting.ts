// Reads one setting of the studio. A setting that cannot be read counts as 0 and is listed among the problems.
import type { Reading } from '../measure/read/reading.ts';

/** @param path  of the setting in the studio's document */
export type ReadSetting = (path: string, reading: Reading) => number;
