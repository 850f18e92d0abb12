/** Where a thing of a rack goes: dropped somewhere in its picture, or by a step of a key. */
import type { Across, Kind, Place } from '../documents/index.js';
import { numberOf } from '../foundations/index.js';
import { carriesThings, PANEL, UNIT, type RackItem, type RackResult } from '../stations/racks/index.js';
import { atRear, type RackPicture, type RackView } from './picture.js';

/** So far below the lowest unit, m, a thing is dropped out of the rails. */
const BELOW = 0.03;
/** From the middle of the width, as a share of it, a thing is put in the middle. */
const MIDDLE = 0.08;

const clamp = (value: number, low: number, high: number): number => Math.min(Math.max(value, low), high);

/** The place of a thing on the rails. */
function onRails(
  rackId: string,
  item: RackItem,
  {
    unit,
    rear,
    across,
  }: { readonly unit: number; readonly rear: boolean; readonly across: Across | undefined },
): Place {
  return {
    inside: rackId,
    unit,
    ...(rear && { rear }),
    ...(item.narrow && across !== undefined && across !== 'left' && { across }),
    ...(item.plate && { plate: true }),
  };
}

const loose = (rackId: string): Place => ({ inside: rackId });

/**
 * The place of a thing whose box is dropped with its top left corner at a point of the picture, m: the nearest units of
 * the rails in view, the tray under it where it is no thing for rails, or off the rails below them.
 */
export function placeDropped(
  rackId: string,
  rack: RackResult,
  picture: RackPicture,
  id: string,
  box: { readonly x: number; readonly y: number; readonly width: number },
): Place | undefined {
  const item = rack.items[id];
  if (!item) return undefined;
  const high = item.units * UNIT;
  const middle: readonly [number, number] = [box.x + box.width / 2, box.y + high / 2];
  const away = ({ x, y, width }: RackView): number =>
    Math.hypot(
      Math.max(x - middle[0], 0, middle[0] - x - width),
      Math.max(y - middle[1], 0, middle[1] - y - picture.rack),
    );
  const view = picture.views.reduce((a, b) => (away(b) < away(a) ? b : a));
  const floor = view.y + picture.rack;
  if (box.y + high > floor + BELOW) return loose(rackId);
  const rear = view.name === 'rear' || (view.name === 'side' && middle[0] - view.x > picture.rails / 2);
  if (item.onShelf) {
    const y = floor - middle[1];
    const tray = Object.entries(rack.items).find(
      ([key, each]) =>
        key !== id &&
        carriesThings(each.fitting) &&
        atRear(rack, each) === rear &&
        each.box &&
        y >= each.box.up[0] - UNIT / 2 &&
        y <= each.box.up[1] + UNIT / 2,
    );
    if (tray) return { inside: rackId, on: tray[0] };
  }
  const unit = clamp(
    Math.round((floor - box.y - high) / UNIT) + 1,
    1,
    Math.max(1, picture.units - item.units + 1),
  );
  return onRails(rackId, item, { unit, rear, across: acrossAt(view, middle[0]) });
}

/** Left, middle or right, as seen from the front of the case. */
function acrossAt(view: RackView, x: number): Across | undefined {
  if (view.name === 'side') return undefined;
  const share = (x - view.x) / PANEL;
  const fromFront = view.name === 'rear' ? 1 - share : share;
  if (Math.abs(fromFront - 0.5) < MIDDLE) return 'middle';
  return fromFront < 0.5 ? 'left' : 'right';
}

const ACROSS: readonly Across[] = ['left', 'middle', 'right'];

/** The place of a thing one unit up or down, or one place to the left or right; undefined where it cannot go there. */
export function placeStepped(
  rackId: string,
  rack: RackResult,
  id: string,
  [right, down]: readonly [number, number],
): Place | undefined {
  const item = rack.items[id];
  const units = numberOf(rack.have) ?? 0;
  if (!item || item.how === 'within' || item.how === 'lid') return undefined;
  // Off the rails it comes in at the lowest unit.
  if (item.unit === undefined)
    return down < 0 ? onRails(rackId, item, { unit: 1, rear: false, across: item.across }) : undefined;
  if (right !== 0) {
    if (!item.narrow) return undefined;
    const next = ACROSS[ACROSS.indexOf(item.across ?? 'left') + right];
    return next && onRails(rackId, item, { unit: item.unit, rear: item.rear, across: next });
  }
  const unit = item.unit - down;
  if (unit < 1) return loose(rackId);
  if (unit + item.units - 1 > units) return undefined;
  return onRails(rackId, item, { unit, rear: item.rear, across: item.across });
}

/** The place of a thing on the other rails; undefined off them. */
export function placeTurned(rackId: string, rack: RackResult, id: string): Place | undefined {
  const item = rack.items[id];
  if (item?.unit === undefined) return undefined;
  return onRails(rackId, item, { unit: item.unit, rear: !item.rear, across: item.across });
}

/** Trays and drawers of a rack that a thing could lie on. */
export const traysFor = ({ items }: RackResult, id: string): [id: string, tray: RackItem][] =>
  Object.entries(items).filter(([key, { fitting }]) => key !== id && carriesThings(fitting));

/** The place of a thing at a unit of the rails that it is on, on a tray, or off the rails. */
export function placeChosen(
  rackId: string,
  item: RackItem,
  at: { readonly unit?: number; readonly on?: string },
): Place {
  if (at.on !== undefined) return { inside: rackId, on: at.on };
  if (at.unit === undefined) return loose(rackId);
  return onRails(rackId, item, { unit: at.unit, rear: item.rear, across: item.across });
}

/** The lowest free units of the front rails for a kind, over the whole width; loose where there are none. */
export function freePlace(rackId: string, rack: RackResult, { rack: size }: Pick<Kind, 'rack'>): Place {
  const units = numberOf(rack.have) ?? 0;
  const high = size?.units ?? 1;
  const taken = new Set(
    Object.values(rack.items).flatMap(({ unit, units: own, rear }) =>
      unit === undefined || rear ? [] : Array.from({ length: own }, (_, i) => unit + i),
    ),
  );
  for (let unit = 1; unit + high - 1 <= units; unit++) {
    if (Array.from({ length: high }, (_, i) => unit + i).every(each => !taken.has(each)))
      return { inside: rackId, unit };
  }
  return loose(rackId);
}
