// How the rows of the table change the sizes of the piece.
import type { Sizes } from '../../../../core/piece/sizes.ts';

/** Changes the sizes. @param what  what is changed, for undo; '' is a step of its own */
export type ChangeSizes = (what: string, change: (sizes: Sizes) => Sizes) => void;
