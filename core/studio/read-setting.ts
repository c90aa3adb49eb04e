// Reading one setting of the studio: what cannot be read counts as nothing and is named among the problems.
import type { Reading } from '../measure/read/reading.ts';

/** @param path  where the setting stands in the studio's document */
export type ReadSetting = (path: string, reading: Reading) => number;
