// Text in a bar of a chart: text that does not fit is cut at the end of a word.

/** Average width of a letter at 13 px, bold, px. */
const LETTER_PX = 7.1;

/** @param width  px of the bar; @returns the text that fits; '' when only a few letters would */
export function fittedText(label: string, width: number): string {
  const letters = Math.floor((width - 10) / LETTER_PX);
  if (label.length <= letters) return label;
  if (letters < 4) return '';
  const cut = label.slice(0, letters - 1);
  const word = label[cut.length] === ' ' ? cut.length : cut.lastIndexOf(' ');
  return `${(word >= 3 ? cut.slice(0, word) : cut).replace(/[\s,;:]+$/, '')}…`;
}
