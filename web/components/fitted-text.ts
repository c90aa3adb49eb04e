// Words in a bar of a drawing: what does not fit is cut at a word's end, never in its middle.

/** Average width of a letter at 13 px, bold. */
const LETTER_PX = 7.1;

/** @param width  px of the bar; @returns as much as fits, '' when not even a few letters do */
export function fittedText(label: string, width: number): string {
  const letters = Math.floor((width - 10) / LETTER_PX);
  if (label.length <= letters) return label;
  if (letters < 4) return '';
  const cut = label.slice(0, letters - 1);
  const word = label[cut.length] === ' ' ? cut.length : cut.lastIndexOf(' ');
  return `${(word >= 3 ? cut.slice(0, word) : cut).replace(/[\s,;:]+$/, '')}…`;
}
