/** Racks on pages: the elevation of each to scale, and what leaves it. */
import type { Assessment } from '../assess.js';
import type { Bundle } from '../documents/index.js';
import { readingOf } from '../review.js';
import type { PaperMark } from '../paper/marks.js';
import { PANEL } from '../stations/racks/index.js';
import { elevationOf, rackSize, text } from './elevation.js';
import { facesOf, type Face } from './faces.js';
import { outsideOf } from './outside.js';

export interface RackPage {
  readonly marks: readonly PaperMark[];
  readonly width: number;
  readonly height: number;
  /** 1 to so many; undefined for a page of words. */
  readonly scale: number | undefined;
}

/** Scales that people measure at, 1 to so many. */
const SCALES = [2, 2.5, 4, 5, 7.5, 10, 15, 20, 25, 40, 50] as const;
const COLUMNS = [
  ['No.', 0],
  ['On', 30],
  ['Socket', 170],
  ['Outside', 300],
  ['Inside', 480],
  ['The same as', 640],
] as const;
const ROW = 15;
const SIZE = 9;
const HEAD = 40;
/** Over each face, px, and the least width of a page of them. */
const FACE_GAP = 10;
const FACES_WIDE = 300;
/** Least width of a page of words. */
const WORDS_WIDE = 740;

/** Pages no larger than so many px, where `perMetre` px of paper make a metre. */
export function rackPages(
  bundle: Bundle,
  assessment: Assessment,
  room: { readonly width: number; readonly height: number },
  perMetre: number,
): readonly RackPage[] {
  const reading = readingOf(bundle.plan, assessment.rules);
  const kindOf = (id: string) => bundle.kinds.kinds[bundle.plan.devices?.[id]?.kind ?? ''];
  // Half of the page is wide enough for the numbers of sockets.
  const faceScale = scaleBy(scale => (PANEL * perMetre) / scale <= room.width / 2);
  return Object.entries(assessment.racks.racks).flatMap(([id, rack]): RackPage[] => {
    const size = rackSize(rack);
    const fits = (scale: number): boolean =>
      (size.width * perMetre) / scale <= room.width &&
      (size.height * perMetre) / scale + HEAD <= room.height * 0.7;
    const scale = scaleBy(fits);
    const drawing = elevationOf({ rack, reading }, perMetre / scale);
    const faces = facesOf(rack, kindOf, perMetre / faceScale);
    return [
      { ...drawing, marks: [...drawing.marks, scaleWords(drawing.width, scale)], scale },
      ...facePages(rack.label, faces, { scale: faceScale, most: room.height }),
      ...wordPages(rack.label, outsideOf(bundle, id, rack), room.height),
    ];
  });
}

/** The largest scale at which something fits, else the smallest of all. */
const scaleBy = (fits: (scale: number) => boolean): number => SCALES.find(fits) ?? SCALES.at(-1) ?? 50;

const scaleWords = (width: number, scale: number): PaperMark =>
  text([width, 14], `1 : ${scale}`, 10, { anchor: 'end' });

/** The faces of panels and plates of a rack, as many to a page as go on it. */
function facePages(
  label: string,
  faces: readonly Face[],
  { scale, most }: { readonly scale: number; readonly most: number },
): RackPage[] {
  const pages: { marks: PaperMark[]; width: number; height: number }[] = [];
  for (const face of faces) {
    let page = pages.at(-1);
    if (!page || page.height + FACE_GAP + face.height > most) {
      const width = Math.max(face.width, FACES_WIDE);
      page = { marks: [text([0, 14], `${label}: its faces`, 14, { bold: true })], width, height: HEAD };
      pages.push(page);
    }
    const from = page.height + FACE_GAP;
    page.marks.push(...face.marks.map(mark => movedBy(mark, 0, from)));
    page.height = from + face.height;
  }
  return pages.map(({ marks, width, height }) => ({
    ...{ width, height, scale },
    marks: [...marks, scaleWords(width, scale)],
  }));
}

function wordPages(label: string, sockets: ReturnType<typeof outsideOf>, most: number): RackPage[] {
  const onPage = Math.max(Math.floor((most - HEAD) / ROW) - 1, 1);
  const pages = Math.ceil(sockets.length / onPage);
  return Array.from({ length: pages }, (_, page): RackPage => {
    const rows = sockets.slice(page * onPage, (page + 1) * onPage);
    const at = (row: number): number => HEAD + row * ROW;
    return {
      scale: undefined,
      width: WORDS_WIDE,
      height: at(rows.length + 1),
      marks: [
        text([0, 14], `${label}: its outside${pages > 1 ? `, page ${page + 1} of ${pages}` : ''}`, 14, {
          bold: true,
        }),
        ...COLUMNS.map(([words, x]) => text([x, at(0)], words, SIZE, { bold: true })),
        ...rows.flatMap(({ number, of, socket, outside, inside, copyOf }, i) =>
          [String(number), of, socket, outside, inside, copyOf].map((words, column) =>
            text([COLUMNS[column]?.[1] ?? 0, at(i + 1)], shortened(words, column), SIZE),
          ),
        ),
      ],
    };
  });
}

/** As much of some words as its column has room for. */
function shortened(words: string, column: number): string {
  const wide = (COLUMNS[column + 1]?.[1] ?? WORDS_WIDE) - (COLUMNS[column]?.[1] ?? 0);
  const most = Math.floor(wide / (SIZE * 0.55));
  return words.length <= most ? words : `${words.slice(0, most - 1)}…`;
}

/** Pages one below the other as one picture. */
export function stacked(pages: readonly RackPage[], gap: number): RackPage {
  let y = gap;
  const marks = pages.flatMap(page => {
    const moved = page.marks.map(mark => movedBy(mark, gap, y));
    y += page.height + gap;
    return moved;
  });
  return {
    marks,
    width: Math.max(0, ...pages.map(({ width }) => width)) + 2 * gap,
    height: y,
    scale: undefined,
  };
}

const movedBy = (mark: PaperMark, dx: number, dy: number): PaperMark =>
  mark.mark === 'line'
    ? { ...mark, points: mark.points.map(([x, y]) => [x + dx, y + dy] as const) }
    : { ...mark, at: [mark.at[0] + dx, mark.at[1] + dy] };
