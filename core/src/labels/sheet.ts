/** Label sheets: labels laid out on paper, as marks in millimetres that SVG and PDF both draw. */
import type { Carries } from '../documents/index.js';
import type { Point, UnitSystem } from '../foundations/index.js';
import type { LeadLabel } from './labels.js';

export type LabelMark =
  | {
      readonly mark: 'rect';
      readonly at: Point;
      readonly size: Point;
      readonly fill: string;
      readonly line?: string;
    }
  | {
      readonly mark: 'line';
      readonly from: Point;
      readonly to: Point;
      readonly width: number;
      readonly colour: string;
      readonly dash?: readonly [number, number];
    }
  | {
      readonly mark: 'text';
      /** Baseline at the left. */
      readonly at: Point;
      readonly text: string;
      /** Height of letters and the room there is for the text, mm. */
      readonly size: number;
      readonly room: number;
      readonly bold: boolean;
    }
  | {
      /** Dark squares of a QR code beside each other, in squares of its side, mm. */
      readonly mark: 'code';
      readonly at: Point;
      readonly cell: number;
      readonly bars: readonly (readonly [column: number, row: number, length: number])[];
    };

export const LABEL_SIZES = {
  /** Folded round the cable, the halves back to back. */
  flag: { width: 90, height: 25, words: 'flag, folded over the cable' },
  /** Wound round the cable, with the words outside. */
  wrap: { width: 45, height: 30, words: 'wrap, wound round it' },
} as const;
export type LabelSize = keyof typeof LABEL_SIZES;

const INCH = 25.4;

/** A size of label in words and in the units of the house: `wrap, wound round it, 45 × 30 mm`, `…, 1.8 × 1.2 in`. */
export function labelSizeWords(size: LabelSize, system: UnitSystem): string {
  const { words, width, height } = LABEL_SIZES[size];
  const inches = (mm: number): string => (mm / INCH).toFixed(1);
  return system === 'imperial'
    ? `${words}, ${inches(width)} × ${inches(height)} in`
    : `${words}, ${width} × ${height} mm`;
}

export const LABEL_PAPERS = { A4: [210, 297], LETTER: [215.9, 279.4] } as const;
export type LabelPaper = keyof typeof LABEL_PAPERS;

/** Black and white squares of a QR code, row by row. */
export type QrOf = (text: string) => readonly (readonly boolean[])[];

/** About a page, and between labels, mm. */
export const LABEL_MARGIN = 8;
export const LABEL_GAP = 3;
const PAD = 1.5;
const BAND = 4;
/** Side of the QR code, and height of the words, mm. */
const CODE = 12.5;
const LETTERS = 2.5;

/** Colour of the band and the pattern on it, by what a lead carries: never by colour alone. */
const BANDS: Readonly<
  Record<
    Carries,
    { readonly colour: string; readonly pattern: 'plain' | 'bars' | 'slants' | 'dots' | 'ladder' }
  >
> = {
  video: { colour: '#2e4a45', pattern: 'plain' },
  audio: { colour: '#9c6b1f', pattern: 'slants' },
  network: { colour: '#3c6682', pattern: 'dots' },
  control: { colour: '#6b7470', pattern: 'bars' },
  tally: { colour: '#a63a2b', pattern: 'dots' },
  talkback: { colour: '#4f7a4a', pattern: 'ladder' },
  data: { colour: '#6b7470', pattern: 'slants' },
  power: { colour: '#a63a2b', pattern: 'bars' },
};

/** Pages of marks; `pageOf` gives the address of a lead’s page for its QR code. */
export function labelPages(
  labels: readonly LeadLabel[],
  size: LabelSize,
  paper: LabelPaper,
  pageOf: (link: string) => string,
  qrOf: QrOf,
): LabelMark[][] {
  const { width, height } = LABEL_SIZES[size];
  const [columns, rows] = gridOf(size, paper);
  const pages: LabelMark[][] = [];
  // Both ends of a lead have the same code.
  const codes = new Map<string, Code>();
  labels.forEach((label, i) => {
    const onPage = i % (columns * rows);
    if (onPage === 0) pages.push([]);
    const at: Point = [
      LABEL_MARGIN + (onPage % columns) * (width + LABEL_GAP),
      LABEL_MARGIN + Math.floor(onPage / columns) * (height + LABEL_GAP),
    ];
    const code = codes.get(label.link) ?? codeOf(qrOf(pageOf(label.link)));
    codes.set(label.link, code);
    pages.at(-1)?.push(...(size === 'flag' ? flagOf(label, at, code) : wrapOf(label, at, code)));
  });
  return pages;
}

/** How many labels so large lie beside and beneath each other on a page. */
export function gridFor(
  { width, height }: { readonly width: number; readonly height: number },
  paper: LabelPaper,
): readonly [columns: number, rows: number] {
  const fits = (room: number, each: number): number =>
    Math.floor((room - 2 * LABEL_MARGIN + LABEL_GAP) / (each + LABEL_GAP));
  const [across, down] = LABEL_PAPERS[paper];
  return [fits(across, width), fits(down, height)];
}

const gridOf = (size: LabelSize, paper: LabelPaper): readonly [columns: number, rows: number] =>
  gridFor(LABEL_SIZES[size], paper);

/** How many labels of a size a page holds. */
export function labelsOnPage(size: LabelSize, paper: LabelPaper): number {
  const [columns, rows] = gridOf(size, paper);
  return columns * rows;
}

/** A QR code as it is drawn, wherever that is. */
type Code = Pick<Extract<LabelMark, { mark: 'code' }>, 'cell' | 'bars'>;

/** Both halves alike, so that it reads from either side; the fold is dashed. */
function flagOf(label: LeadLabel, [x, y]: Point, code: Code): LabelMark[] {
  const { width, height } = LABEL_SIZES.flag;
  const half = width / 2;
  return [
    { mark: 'rect', at: [x, y], size: [width, height], fill: '#ffffff', line: '#999999' },
    ...[x, x + half].flatMap(left => halfOf(label, [left, y], [half, height], code)),
    {
      mark: 'line',
      from: [x + half, y],
      to: [x + half, y + height],
      width: 0.2,
      colour: '#999999',
      dash: [1, 1],
    },
  ];
}

function wrapOf(label: LeadLabel, [x, y]: Point, code: Code): LabelMark[] {
  const { width, height } = LABEL_SIZES.wrap;
  return [
    { mark: 'rect', at: [x, y], size: [width, height], fill: '#ffffff', line: '#999999' },
    ...halfOf(label, [x, y], [width, height], code),
  ];
}

/** The band at the left, the number and the code at the top, the words beside and beneath them. */
function halfOf(
  { number, here, there, cable, carries }: LeadLabel,
  [x, y]: Point,
  [width, height]: Point,
  code: Code,
): LabelMark[] {
  const left = x + BAND + PAD;
  const room = width - BAND - 2 * PAD;
  const line = (down: number, text: string, bold: boolean, beside: boolean): LabelMark => ({
    mark: 'text',
    at: [left, y + down],
    text,
    size: LETTERS,
    bold,
    room: beside ? room - CODE - PAD : room,
  });
  const beneath = CODE + PAD + LETTERS;
  const step = Math.min(5, (height - PAD - beneath) / 2);
  const tall = height - beneath > 3 * LETTERS + 3;
  return [
    ...bandOf(carries, [x, y], height),
    {
      mark: 'text',
      at: [left, y + 2 * LETTERS + 0.8],
      text: number,
      size: 2 * LETTERS,
      bold: true,
      room: room - CODE - PAD,
    },
    tall ? line(beneath, here, true, false) : line(4.4 * LETTERS, here, true, true),
    line(beneath + (tall ? step : 0), `to ${there}`, false, false),
    line(beneath + (tall ? 2 : 1) * step, cable, false, false),
    { mark: 'code', at: [x + width - CODE - PAD, y + PAD], ...code },
  ];
}

function bandOf(carries: Carries, [x, y]: Point, height: number): LabelMark[] {
  const { colour, pattern } = BANDS[carries];
  const marks: LabelMark[] = [{ mark: 'rect', at: [x, y], size: [BAND, height], fill: colour }];
  const white = (from: Point, to: Point): LabelMark => ({
    mark: 'line',
    from,
    to,
    width: 0.6,
    colour: '#ffffff',
  });
  for (let along = 1.5; along < height - 0.5; along += 3) {
    if (pattern === 'bars') marks.push(white([x, y + along], [x + BAND, y + along]));
    if (pattern === 'slants') marks.push(white([x, y + along + 1.4], [x + BAND, y + along - 1.4]));
    if (pattern === 'dots')
      marks.push({
        mark: 'rect',
        at: [x + BAND / 2 - 0.6, y + along - 0.6],
        size: [1.2, 1.2],
        fill: '#ffffff',
      });
    if (pattern === 'ladder') marks.push(white([x + 1, y + along], [x + BAND - 1, y + along]));
  }
  return marks;
}

/** A code of a side, mm, as it is drawn. */
export function codeOf(modules: ReturnType<QrOf>, side = CODE): Code {
  const bars: (readonly [number, number, number])[] = [];
  modules.forEach((row, r) => {
    for (let c = 0; c < row.length; c++) {
      if (!row[c]) continue;
      let end = c;
      while (row[end + 1]) end++;
      bars.push([c, r, end - c + 1]);
      c = end;
    }
  });
  return { cell: side / modules.length, bars };
}

const escaped = (text: string): string =>
  text.replace(/[&<>"]/g, sign => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[sign] ?? sign);

/** One page as SVG, in millimetres. */
export function labelPageSvg(marks: readonly LabelMark[], paper: LabelPaper): string {
  const [width, height] = LABEL_PAPERS[paper];
  const body = marks.map(each => {
    switch (each.mark) {
      case 'rect':
        return `<rect x="${mm(each.at[0])}" y="${mm(each.at[1])}" width="${mm(each.size[0])}" height="${mm(each.size[1])}" fill="${each.fill}"${each.line ? ` stroke="${each.line}" stroke-width="0.2"` : ''}/>`;
      case 'line':
        return `<line x1="${mm(each.from[0])}" y1="${mm(each.from[1])}" x2="${mm(each.to[0])}" y2="${mm(each.to[1])}" stroke="${each.colour}" stroke-width="${each.width}"${each.dash ? ` stroke-dasharray="${each.dash.join(' ')}"` : ''}/>`;
      case 'code':
        return `<path transform="translate(${mm(each.at[0])} ${mm(each.at[1])}) scale(${each.cell.toFixed(6)})" d="${each.bars.map(([column, row, length]) => `M${column} ${row}h${length}v1h-${length}z`).join('')}"/>`;
      case 'text':
        return `<text x="${mm(each.at[0])}" y="${mm(each.at[1])}" font-size="${each.size}"${each.bold ? ' font-weight="600"' : ''}>${escaped(cutTo(each.text, each.room / (each.size * 0.52)))}</text>`;
    }
  });
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${width}mm" height="${height}mm" viewBox="0 0 ${width} ${height}" font-family="sans-serif">${body.join('')}</svg>`;
}

const mm = (value: number): string => String(Math.round(value * 1000) / 1000);

/** A text cut to so many letters. */
const cutTo = (text: string, letters: number): string =>
  text.length <= letters ? text : `${text.slice(0, Math.max(1, Math.floor(letters) - 1))}…`;
