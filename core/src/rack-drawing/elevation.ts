/** The elevation of a rack on paper: from the front, in section, from the rear. */
import { showText, type Point, type Reading } from '../foundations/index.js';
import type { PaperMark } from '../paper/marks.js';
import { rackPicture, RACK_VIEWS, VIEW_WORDS, type DrawnThing } from '../rack-picture/index.js';
import { UNIT, type RackResult } from '../stations/racks/index.js';

/** Letters, and the least height of a thing that has its name in it, px. */
const LETTERS = 9;
export const SMALL = 7.5;
const HEAD = 34;
export const ROW = 14;
const EDGE = 8;
/** Of a letter, of the size of the lettering. */
const WIDE = 0.52;

export interface Elevation {
  readonly marks: readonly PaperMark[];
  readonly width: number;
  readonly height: number;
}

export interface RackOnPaper {
  readonly rack: RackResult;
  readonly reading: Reading;
}

/** Width and height of the views side by side, m: by these a scale is chosen. */
export function rackSize(rack: RackResult): { readonly width: number; readonly height: number } {
  const { width, height } = rackPicture(rack, [RACK_VIEWS]);
  return { width, height };
}

/** A rack at so many px to a metre. */
export function elevationOf({ rack, reading }: RackOnPaper, perMetre: number): Elevation {
  const picture = rackPicture(rack, [RACK_VIEWS]);
  const px = (metres: number): number => metres * perMetre;
  const top = (y: number): number => HEAD + px(y);
  const length = (metres: number): string => showText(metres, 'm', reading);
  const marks: PaperMark[] = [text([0, 14], rack.label, 14, { bold: true })];
  for (const view of picture.views) {
    const [x, y, width, height] = [px(view.x), top(view.y), px(view.width), px(picture.rack)];
    marks.push(text([x, y - 5], `${VIEW_WORDS[view.name]}, ${length(view.width)}`, SMALL));
    marks.push({ mark: 'rect', at: [x, y], width, height, dash: [], fill: 'shade' });
    for (let unit = 1; unit <= picture.units; unit++) {
      const at = y + height - px(unit * UNIT);
      marks.push({
        mark: 'line',
        points: [
          [x, at],
          [x + width, at],
        ],
        dash: [1, 3],
      });
      if (view.name !== 'side')
        marks.push(text([x - 4, at + px(UNIT) / 2 + 3], String(unit), SMALL, { anchor: 'end' }));
    }
    if (view.name === 'side') {
      const rail = x + px(picture.rails);
      marks.push({
        mark: 'line',
        points: [
          [rail, y],
          [rail, y + height],
        ],
        dash: [2, 3],
      });
    }
    for (const thing of picture.things)
      if (thing.view === view.name) marks.push(...thingMarks(thing, rack, { px, top }));
  }
  const y = top(picture.height) + ROW;
  marks.push(
    text(
      [0, y],
      `${picture.units} U · ${length(picture.rack)} high inside · ${length(rack.rails)} from rail to rail · dashed: seen from behind, or its depth was not measured`,
      SMALL,
    ),
  );
  return { marks, width: px(picture.width) + EDGE, height: y + ROW };
}

function thingMarks(
  { id, x, y, width, height, back, guessed, plugs }: DrawnThing,
  { items }: RackResult,
  { px, top }: { readonly px: (metres: number) => number; readonly top: (metres: number) => number },
): PaperMark[] {
  const box = { at: [px(x), top(y)] as Point, width: px(width), height: px(height) };
  const room = Math.floor(box.width / (LETTERS * WIDE));
  const label = items[id]?.label ?? '';
  // What lies on it is drawn over its middle.
  const loaded = Object.values(items).some(({ carrier }) => carrier === id);
  const base = loaded ? LETTERS + 1 : box.height / 2 + LETTERS / 3;
  return [
    { mark: 'rect', ...box, dash: back || guessed ? [4, 2] : [], fill: 'white' },
    ...(plugs
      ? [
          {
            mark: 'rect' as const,
            ...{ at: [px(plugs.x), top(y)] as Point, width: px(plugs.width), height: box.height },
            ...{ dash: [1, 2], fill: 'shade' as const },
          },
        ]
      : []),
    ...(box.height >= LETTERS && room >= 3
      ? [
          text(
            [box.at[0] + box.width / 2, box.at[1] + base],
            label.length <= room ? label : `${label.slice(0, room - 1)}…`,
            LETTERS,
            { anchor: 'middle' },
          ),
        ]
      : []),
  ];
}

export function text(
  at: Point,
  words: string,
  size: number,
  {
    bold = false,
    anchor = 'start',
  }: { readonly bold?: boolean; readonly anchor?: 'start' | 'middle' | 'end' } = {},
): PaperMark {
  return { mark: 'text', at, text: words, size, bold, anchor };
}
