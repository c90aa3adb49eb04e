// Text with letters that the plain font file lacks: ł ž č ő ş stand in a second file, and pdfkit draws a text in one
// font only. A text that needs both is laid out here, in runs of one font.
type Pdf = PDFKit.PDFDocument;

interface Run {
  readonly text: string;
  readonly isExtended: boolean;
}

interface Options {
  readonly width?: number;
  readonly align?: string;
  readonly lineBreak?: boolean;
  readonly ellipsis?: boolean | string;
}

// The letters of the Latin Extended file (the range its package names), without those the plain file has too.
const EXTENDED = /[\u0100-\u0130\u0132-\u0151\u0154-\u02ba\u02bd-\u02c5\u02c7-\u02cc\u02ce-\u02d7\u1e00-\u1e9f\u1ef2-\u1eff\u20a0-\u20ab\u20ad-\u20c0\u2113]/; // prettier-ignore

/** Makes `pdf.text` draw letters of Latin Extended too. */
export function withExtendedLatin(pdf: Pdf): void {
  type DrawText = (text: string, ...rest: readonly unknown[]) => Pdf;
  const plain: DrawText = pdf.text.bind(pdf) as DrawText;
  const set: (name: string) => Pdf = pdf.font.bind(pdf);
  let face = 'book';
  pdf.font = (name: string) => {
    face = name;
    return set(name);
  };

  const widthOf = ({ text, isExtended }: Run) => {
    set(isExtended ? `${face}-extended` : face);
    const width = pdf.widthOfString(text);
    set(face);
    return width;
  };
  const lineWidth = (runs: readonly Run[]) => runs.reduce((sum, run) => sum + widthOf(run), 0);

  const drawLine = (runs: readonly Run[], x: number, y: number, { width, align }: Options) => {
    const free = (width ?? 0) - lineWidth(runs);
    let at = align === 'right' ? x + free : align === 'center' ? x + free / 2 : x;
    for (const run of runs) {
      const next = at + widthOf(run);
      set(run.isExtended ? `${face}-extended` : face);
      plain(run.text, at, y, { lineBreak: false });
      at = next;
    }
    set(face);
  };

  pdf.text = (text: string, ...rest: readonly unknown[]) => {
    if (!EXTENDED.test(text)) return plain(text, ...rest);
    const [first, second, third] = rest;
    const options = ((typeof first === 'object' ? first : third) ?? {}) as Options;
    const x = typeof first === 'number' ? first : pdf.x;
    const y = typeof second === 'number' ? second : pdf.y;
    const room = options.width ?? pdf.page.width - pdf.page.margins.right - x;
    const lines = options.lineBreak === false ? [shortened(text, room, options)] : broken(text, room);
    const height = pdf.currentLineHeight(true);
    lines.forEach((line, index) => drawLine(runsOf(line), x, y + index * height, { ...options, width: room }));
    pdf.x = x;
    pdf.y = y + lines.length * height;
    return pdf;
  };

  function shortened(text: string, room: number, { ellipsis }: Options): string {
    if (!ellipsis || lineWidth(runsOf(text)) <= room) return text;
    let end = text.length;
    while (end > 0 && lineWidth(runsOf(`${text.slice(0, end)}…`)) > room) end -= 1;
    return `${text.slice(0, end)}…`;
  }

  function broken(text: string, room: number): string[] {
    return text.split('\n').flatMap((paragraph) => {
      const lines: string[] = [];
      for (const word of paragraph.split(' ')) {
        const last = lines.at(-1);
        const longer = last === undefined ? word : `${last} ${word}`;
        if (last !== undefined && lineWidth(runsOf(longer)) <= room) lines[lines.length - 1] = longer;
        else lines.push(word);
      }
      return lines;
    });
  }
}

function runsOf(text: string): Run[] {
  return Array.from(text).reduce<Run[]>((runs, letter) => {
    const isExtended = EXTENDED.test(letter);
    const last = runs.at(-1);
    if (last?.isExtended === isExtended) runs[runs.length - 1] = { text: last.text + letter, isExtended };
    else runs.push({ text: letter, isExtended });
    return runs;
  }, []);
}
