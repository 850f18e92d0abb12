/** Labels for things: the tape code large, what it is, whose, and a code that opens it on a phone. */
import type { Point } from '../foundations/index.js';
import {
  codeOf,
  gridFor,
  LABEL_MARGIN,
  LABEL_GAP,
  type LabelMark,
  type LabelPaper,
  type QrOf,
} from './sheet.js';

export const ITEM_LABEL_SIZES = {
  tag: { width: 62, height: 26, words: 'tag, 62 × 26 mm' },
  small: { width: 40, height: 16, words: 'small, 40 × 16 mm' },
} as const;
export type ItemLabelSize = keyof typeof ITEM_LABEL_SIZES;

export interface ItemLabel {
  readonly id: string;
  readonly tape: string;
  readonly what: string;
  readonly owner: string;
}

/** About the code three of its squares stay white, so that phones find it, mm. */
const PAD = 2.2;

/** Pages of marks; `pageOf` gives the address of a thing for its code. */
export function itemLabelPages(
  labels: readonly ItemLabel[],
  size: ItemLabelSize,
  paper: LabelPaper,
  pageOf: (id: string) => string,
  qrOf: QrOf,
): LabelMark[][] {
  const { width, height } = ITEM_LABEL_SIZES[size];
  const [columns, rows] = gridFor(ITEM_LABEL_SIZES[size], paper);
  const pages: LabelMark[][] = [];
  labels.forEach((label, i) => {
    const onPage = i % (columns * rows);
    if (onPage === 0) pages.push([]);
    pages
      .at(-1)
      ?.push(
        ...labelOf(
          label,
          size,
          [
            LABEL_MARGIN + (onPage % columns) * (width + LABEL_GAP),
            LABEL_MARGIN + Math.floor(onPage / columns) * (height + LABEL_GAP),
          ],
          qrOf(pageOf(label.id)),
        ),
      );
  });
  return pages;
}

/** The code at the left, as high as the label; the tape code beside it, and the words beneath that. */
function labelOf(
  { tape, what, owner }: ItemLabel,
  size: ItemLabelSize,
  [x, y]: Point,
  modules: ReturnType<QrOf>,
): LabelMark[] {
  const { width, height } = ITEM_LABEL_SIZES[size];
  const side = height - 2 * PAD;
  const left = x + side + 2 * PAD;
  const room = width - side - 3 * PAD;
  const large = size === 'tag' ? 7 : 4.6;
  const words = (down: number, text: string, letters: number, bold = false): LabelMark => ({
    mark: 'text',
    at: [left, y + down],
    text,
    size: letters,
    room,
    bold,
  });
  return [
    { mark: 'rect', at: [x, y], size: [width, height], fill: '#ffffff', line: '#999999' },
    { mark: 'code', at: [x + PAD, y + PAD], ...codeOf(modules, side) },
    words(PAD + large, tape, large, true),
    ...(size === 'tag'
      ? [words(16, what, 2.7), words(height - 2.2, owner, 2.4)]
      : [words(height - 5, what, 2.1), words(height - 2, owner, 1.9)]),
  ];
}
