/** A rack as it is drawn, to scale: from the front, in section from the side, and from the rear. Lengths in m, y down. */
import { isFigure, numberOf, SEVERITIES, severityOf, type Severity } from '../foundations/index.js';
import { PANEL, UNIT, type RackItem, type RackResult } from '../stations/racks/index.js';

export type RackViewName = 'front' | 'side' | 'rear';

export interface RackView {
  readonly name: RackViewName;
  readonly x: number;
  readonly y: number;
  readonly width: number;
}

/** One thing in one view. */
export interface DrawnThing {
  readonly id: string;
  readonly view: RackViewName;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  /** In section: where its plugs and their leads are. */
  readonly plugs?: { readonly x: number; readonly width: number };
  /** Its back is seen, not its face. */
  readonly back: boolean;
  /** It lies on something that is drawn too. */
  readonly lies: boolean;
  /** Nobody has measured how deep it is. */
  readonly guessed: boolean;
}

export interface RackPicture {
  readonly width: number;
  readonly height: number;
  /** Of all its units, m. */
  readonly rack: number;
  readonly units: number;
  readonly views: readonly RackView[];
  readonly things: readonly DrawnThing[];
  /** From the front to the rear rails in section. */
  readonly rails: number;
}

/** Between two views, m: room for the numbers of the units. */
const GAP = 0.06;
/** Over each row, m: room for what the view is called. */
const HEAD = 0.04;

/** Whether a thing is on the rear rails, by itself or with the tray that it lies on. */
export const atRear = ({ items }: Pick<RackResult, 'items'>, item: RackItem): boolean =>
  item.rear || (item.carrier !== undefined && items[item.carrier]?.rear === true);

export const RACK_VIEWS: readonly RackViewName[] = ['front', 'side', 'rear'];

export const VIEW_WORDS: Readonly<Record<RackViewName, string>> = {
  front: 'from the front',
  side: 'from the side, cut open',
  rear: 'from the rear',
};

/** Views in rows, each from left to right. */
export type RackRows = readonly (readonly RackViewName[])[];

/** Ways to lay out all three views: those that need more width first. */
const LAYOUTS: readonly RackRows[] = [
  [['front', 'side', 'rear']],
  [['front', 'rear'], ['side']],
  [['front'], ['side'], ['rear']],
];

/** A layout with more rows is taken where things are drawn so much larger in it. */
const WORTH_ANOTHER_ROW = 1.3;

/** How a rack is drawn on a sheet of some size, px: the layout of all views in which it is largest, and px for each m. */
export function rackLayout(
  rack: RackResult,
  { width, height }: { readonly width: number; readonly height: number },
): { readonly picture: RackPicture; readonly scale: number } {
  const drawn = LAYOUTS.map(rows => {
    const picture = rackPicture(rack, rows);
    return { picture, scale: Math.min(width / picture.width, height / picture.height) };
  });
  return drawn.reduce((a, b) => (b.scale > a.scale * WORTH_ANOTHER_ROW ? b : a));
}

/** The views of a rack in rows: from the front, cut open with its front on the left, from the rear. */
export function rackPicture(rack: RackResult, rows: RackRows): RackPicture {
  const units = numberOf(rack.have) ?? 1;
  const height = units * UNIT;
  const side = Math.max(rack.depth, rack.rails);
  const views = rows.flatMap((names, row) => {
    let x = 0;
    return names.map((name): RackView => {
      const width = name === 'side' ? side : PANEL;
      const view = { name, x: x + GAP, y: HEAD + row * (height + HEAD), width };
      x = view.x + width;
      return view;
    });
  });
  const things = views.flatMap(view =>
    Object.entries(rack.items)
      .flatMap(([id, item]) => drawn(id, item, atRear(rack, item), view, view.y + height) ?? [])
      // What is behind comes first, and what lies on a tray after the tray.
      .sort((a, b) => Number(b.back) - Number(a.back) || Number(a.lies) - Number(b.lies)),
  );
  return {
    width: Math.max(...views.map(({ x, width }) => x + width)) + GAP / 3,
    height: rows.length * (height + HEAD),
    rack: height,
    ...{ units, views, things },
    rails: rack.rails,
  };
}

function drawn(
  id: string,
  { box, carrier }: RackItem,
  rear: boolean,
  view: RackView,
  floor: number,
): DrawnThing | undefined {
  if (!box) return undefined;
  const common = {
    id,
    view: view.name,
    y: floor - box.up[1],
    height: box.up[1] - box.up[0],
    lies: carrier !== undefined,
    guessed: box.guessed,
  };
  if (view.name === 'side') {
    const [from, to] = box.back;
    const plugs = rear
      ? { x: view.x + box.plugs, width: from - box.plugs }
      : { x: view.x + to, width: box.plugs - to };
    return {
      ...common,
      x: view.x + from,
      width: to - from,
      back: false,
      ...(plugs.width > 1e-9 && { plugs }),
    };
  }
  const [from, to] = box.across;
  // From the rear left and right change places.
  const x = view.name === 'front' ? from : PANEL - to;
  return { ...common, x: view.x + x, width: to - from, back: rear !== (view.name === 'rear') };
}

/** How bad the worst is that figures say of a thing; undefined where they say nothing. */
export function troubleOf(item: RackItem): Severity | undefined {
  const found = Object.values(item).flatMap(each => (isFigure(each) ? (severityOf(each) ?? []) : []));
  return SEVERITIES.find(severity => found.includes(severity));
}

/** The rack that is selected, or that holds what is: of racks in racks the inner one, which holds fewer things. */
export function rackShowing(
  racks: Readonly<Record<string, RackResult>>,
  selected: string | undefined,
): readonly [id: string, rack: RackResult] | undefined {
  const all = Object.entries(racks);
  const things = ({ items }: RackResult): number => Object.keys(items).length;
  const holding = all
    .filter(([, { items }]) => items[selected ?? ''] !== undefined)
    .sort(([, a], [, b]) => things(a) - things(b));
  return all.find(([id]) => id === selected) ?? holding[0] ?? all[0];
}
