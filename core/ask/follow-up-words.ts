// How a line begins that goes on from the question before it. Apart from the grammar, so that a page can tell without
// loading it.

/** `x 30`, `= and x 30`: another number of pieces. */
export const otherCount = /^\s*=?\s*(?:and\s+)?[x×*]\s*(\d+)\s*$/i;
/** `and in copper`, `what about 22 ga`: what is said is the last group. */
export const otherWords = /^\s*=?\s*(?:and|now|same|what about)\b\s*(?:in|of|with|as|for)?\s+(.+)$/i;

/** Whether a line goes on from the question before it. */
export const isFollowUp = (line: string) => otherCount.test(line) || otherWords.test(line);
