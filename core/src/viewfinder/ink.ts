/** How a viewfinder picture is inked, alike on the screen and on paper. */
import type { Substance } from './face.js';
import { PICTURE, type Drawn, type OnPicture } from './picture.js';

export type Tone = 'paper' | 'shade' | 'tape' | 'rule' | 'ink' | 'faint' | 'brass' | 'slate' | 'madder';

export interface Stroke {
  readonly tone: Tone;
  /** In units of the picture. */
  readonly width: number;
  readonly dash?: readonly [number, number];
}

export interface Inked {
  readonly fill: Tone | undefined;
  readonly stroke: Stroke;
  readonly corners: readonly OnPicture[];
  /** Lines of its own edges, as runs of corners. */
  readonly lines: readonly (readonly OnPicture[])[];
}

const LOOKS: Readonly<Record<Substance, { fill: Tone | undefined; stroke: Stroke }>> = {
  floor: { fill: 'shade', stroke: { tone: 'faint', width: 1.5 } },
  'no-film': { fill: undefined, stroke: { tone: 'madder', width: 4, dash: [14, 8] } },
  wall: { fill: 'paper', stroke: { tone: 'faint', width: 2 } },
  pillar: { fill: 'rule', stroke: { tone: 'ink', width: 2.5 } },
  raised: { fill: 'shade', stroke: { tone: 'ink', width: 2 } },
  gallery: { fill: 'paper', stroke: { tone: 'ink', width: 2 } },
  seats: { fill: 'paper', stroke: { tone: 'faint', width: 1.5 } },
  furniture: { fill: 'shade', stroke: { tone: 'ink', width: 2 } },
  screen: { fill: 'tape', stroke: { tone: 'slate', width: 5 } },
  person: { fill: 'shade', stroke: { tone: 'ink', width: 2 } },
  gear: { fill: 'ink', stroke: { tone: 'paper', width: 1.5 } },
};

/** Dashes of what is not sharp. */
const BLURRED: readonly [number, number] = [5, 7];
/** Dots of what is wanted but hidden. */
const HIDDEN: readonly [number, number] = [2, 8];

export interface Sharpness {
  /** From where to where the lens is sharp, m. */
  readonly near: number;
  readonly far: number;
}

/** Runs of corners joined by edges of the thing itself. */
function linesOf({ corners, edges }: Drawn): OnPicture[][] {
  const lines: OnPicture[][] = [];
  let open: OnPicture[] | undefined;
  corners.forEach((corner, i) => {
    if (!edges[i]) {
      open = undefined;
      return;
    }
    const next = corners[(i + 1) % corners.length] as OnPicture;
    if (open) open.push(next);
    else lines.push((open = [corner, next]));
  });
  return lines;
}

/**
 * Ink for a picture, in the order it is laid down. `wanted` is who the shot is of: drawn bright, and dotted once more
 * over everything (`uncovered`), so that hidden parts tell themselves apart. What is not sharp is dashed.
 */
export function inkedOf(
  drawn: readonly Drawn[],
  uncovered: readonly Drawn[],
  wanted: string | undefined,
  sharp: Sharpness | undefined,
): Inked[] {
  const over = drawn.map((each): Inked => {
    const { fill, stroke } = LOOKS[each.what];
    const subject = each.what === 'person' && each.of === wanted;
    const blurred = sharp && each.what !== 'floor' && (each.depth < sharp.near || each.depth > sharp.far);
    return {
      fill: subject ? 'tape' : fill,
      stroke: {
        ...stroke,
        ...(subject ? { tone: 'brass', width: 3.5 } : {}),
        ...(blurred && !stroke.dash ? { dash: BLURRED } : {}),
      },
      corners: each.corners,
      lines: linesOf(each),
    };
  });
  const dotted = uncovered
    .filter(({ what, of }) => what === 'person' && of === wanted)
    .map((each): Inked => ({
      fill: undefined,
      stroke: { tone: 'brass', width: 3, dash: HIDDEN },
      corners: each.corners,
      lines: linesOf(each),
    }));
  return [...over, ...dotted];
}

/** Lines at the thirds; the eyes of a head belong on the upper one. */
export const THIRDS: readonly (readonly [OnPicture, OnPicture])[] = [1 / 3, 2 / 3].flatMap(share => [
  [
    [PICTURE.width * share, 0],
    [PICTURE.width * share, PICTURE.height],
  ],
  [
    [0, PICTURE.height * share],
    [PICTURE.width, PICTURE.height * share],
  ],
]);

/** Tones on white paper. */
const ON_PAPER: Readonly<Record<Tone, string>> = {
  paper: '#fff',
  shade: '#f2f0ea',
  tape: '#fff',
  rule: '#d8d4ca',
  ink: '#1e2a2b',
  faint: '#8a908c',
  brass: '#9c6b1f',
  slate: '#3c6682',
  madder: '#a63a2b',
};

const short = (value: number): number => Math.round(value * 10) / 10;
const pathOf = (points: readonly OnPicture[]): string =>
  points.map(([x, y], i) => `${i === 0 ? 'M' : 'L'}${short(x)} ${short(y)}`).join('');

/** A picture as an SVG document of its own, on white paper, with its title. */
export function pictureSvg(inked: readonly Inked[], title: string): string {
  const { width, height } = PICTURE;
  const escaped = title.replace(/[&<>]/g, sign => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;' })[sign] ?? sign);
  const body = inked.map(({ fill, stroke, corners, lines }) => {
    const shape = fill
      ? `<path d="${pathOf(corners)}Z" fill="${ON_PAPER[fill]}" stroke="${ON_PAPER[fill]}" stroke-width="0.6"/>`
      : '';
    const dash = stroke.dash ? ` stroke-dasharray="${stroke.dash.join(' ')}"` : '';
    const d = lines.map(pathOf).join('');
    return d === ''
      ? shape
      : `${shape}<path d="${d}" fill="none" stroke="${ON_PAPER[stroke.tone]}" stroke-width="${stroke.width}"${dash}/>`;
  });
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${height}" width="${width}" height="${height}">`,
    `<title>${escaped}</title><rect width="${width}" height="${height}" fill="#fff"/>`,
    `<g stroke-linejoin="round" stroke-linecap="round">${body.join('')}</g></svg>`,
  ].join('\n');
}
