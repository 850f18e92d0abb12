/** Putting names on a plan so that none lies on another: the important ones first, the rest where room is left. */

export interface Box {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** Where a name may go: its middle, and whether it runs up the page. */
export interface Spot {
  readonly x: number;
  readonly y: number;
  readonly upright?: boolean;
}

export interface WantedName {
  readonly key: string;
  readonly text: string;
  /** Letter size, px. */
  readonly size: number;
  readonly bold?: boolean;
  /** Spots in order of liking, given the width of the text. */
  readonly spots: (width: number, height: number) => readonly Spot[];
}

export interface PlacedName extends WantedName {
  readonly at: Spot;
}

/** Width of a letter as a share of its size, on average, in the face that is used. */
const LETTER = { plain: 0.53, bold: 0.57 };
const LINE = 1.15;
/** Room kept around a name, px. */
const AIR = 1.5;
/** Between a sign and its name, px. */
const GAP = 2 * AIR;

export const widthOf = (text: string, size: number, bold = false): number =>
  text.length * size * (bold ? LETTER.bold : LETTER.plain);

/** Boxes by the cells of a coarse grid they touch, so that each is compared with its neighbours only. */
class Crowd {
  private readonly cells = new Map<string, Box[]>();

  constructor(private readonly cell: number) {}

  private *keys({ x, y, width, height }: Box): Generator<string> {
    for (let i = Math.floor(x / this.cell); i <= Math.floor((x + width) / this.cell); i++) {
      for (let j = Math.floor(y / this.cell); j <= Math.floor((y + height) / this.cell); j++)
        yield `${i} ${j}`;
    }
  }

  add(box: Box): void {
    for (const key of this.keys(box)) {
      const boxes = this.cells.get(key);
      if (boxes) boxes.push(box);
      else this.cells.set(key, [box]);
    }
  }

  hits(box: Box): boolean {
    for (const key of this.keys(box))
      if (this.cells.get(key)?.some(other => overlap(box, other))) return true;
    return false;
  }
}

const overlap = (a: Box, b: Box): boolean =>
  a.x < b.x + b.width && b.x < a.x + a.width && a.y < b.y + b.height && b.y < a.y + a.height;

const boxAt = ({ x, y, upright = false }: Spot, width: number, height: number): Box => {
  const [across, down] = upright ? [height, width] : [width, height];
  return { x: x - across / 2 - AIR, y: y - down / 2 - AIR, width: across + 2 * AIR, height: down + 2 * AIR };
};

/** The box that a placed name fills. */
export const boxOf = ({ text, size, bold, at }: PlacedName): Box =>
  boxAt(at, widthOf(text, size, bold), size * LINE);

const holds = (room: Box, box: Box): boolean =>
  box.x >= room.x &&
  box.y >= room.y &&
  box.x + box.width <= room.x + room.width &&
  box.y + box.height <= room.y + room.height;

/**
 * Places names in the order given, each on its first spot within the room that is free of the signs drawn and of
 * names placed before. A name that finds no free spot is left out.
 */
export function placeNames(wanted: readonly WantedName[], signs: readonly Box[], room: Box): PlacedName[] {
  const crowd = new Crowd(60);
  for (const sign of signs) crowd.add(sign);
  return wanted.flatMap(each => {
    const [width, height] = [widthOf(each.text, each.size, each.bold), each.size * LINE];
    const at = each.spots(width, height).find(spot => {
      const box = boxAt(spot, width, height);
      return holds(room, box) && !crowd.hits(box);
    });
    if (!at) return [];
    crowd.add(boxAt(at, width, height));
    return [{ ...each, at }];
  });
}

/** Around a sign of some radius: beside it first, then above and below, then slantwise. */
export const around =
  (x: number, y: number, radius: number) =>
  (width: number, height: number): Spot[] => {
    const [dx, dy] = [radius + GAP + width / 2, radius + GAP + height / 2];
    const slant = radius * 0.6 + GAP + height / 2;
    return [
      { x: x + dx, y },
      { x: x - dx, y },
      { x, y: y - dy },
      { x, y: y + dy },
      { x: x + dx - radius * 0.5, y: y - slant },
      { x: x + dx - radius * 0.5, y: y + slant },
      { x: x - dx + radius * 0.5, y: y - slant },
      { x: x - dx + radius * 0.5, y: y + slant },
    ];
  };

/** In a box: in its middle, else at its edges, else up the page; then, where it is too small, around it. */
export const inside =
  (box: Box) =>
  (width: number, height: number): Spot[] => {
    const [cx, cy] = [box.x + box.width / 2, box.y + box.height / 2];
    const edge = height / 2 + 4;
    const fits: Spot[] = [
      { x: cx, y: cy },
      { x: cx, y: box.y + box.height - edge },
      { x: cx, y: box.y + edge },
      { x: box.x + width / 2 + 4, y: box.y + edge },
      { x: box.x + box.width - width / 2 - 4, y: box.y + box.height - edge },
    ];
    const up: Spot[] = [0.5, 0.25, 0.75].map(share => ({
      x: cx,
      y: box.y + box.height * share,
      upright: true,
    }));
    const outside: Spot[] = [
      { x: cx, y: box.y - height / 2 - 2 },
      { x: cx, y: box.y + box.height + height / 2 + 2 },
      { x: box.x + box.width + width / 2 + 4, y: cy },
      { x: box.x - width / 2 - 4, y: cy },
    ];
    const wide = width <= box.width && height <= box.height;
    const tall = width <= box.height && height <= box.width;
    return [...(wide ? fits : []), ...(tall ? up : []), ...outside];
  };
