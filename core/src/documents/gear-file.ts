/** Gear of a house as a `.satchel.json` file for another one: kinds, and things of them. */
import type { MapOf as Map } from '../foundations/index.js';
import { Kind } from './kinds.js';
import { Item, MOST_ITEMS } from './item.js';
import { MapOf, OneOf, Text } from './decorators.js';
import { parsedJson } from './read-file.js';
import { faultsOf, type Fault } from './validate.js';
import { itemWithoutNames } from './without-names.js';

export const GEAR_FORMAT = 'idle-satchel gear';

export class GearFile {
  @OneOf([GEAR_FORMAT]) format!: typeof GEAR_FORMAT;
  @OneOf([1]) version!: 1;
  /** Whose gear it is. */
  @Text(80, 1) organisation!: string;
  @MapOf(() => Kind, 5000) kinds!: Map<Kind>;
  @MapOf(() => Item, MOST_ITEMS) items!: Map<Item>;
}

export type Gear = Pick<GearFile, 'organisation' | 'kinds' | 'items'>;

/** A kind without what each house finds for itself: prices – perhaps in another money – and what came of it. */
export const withoutFindings = ({
  price: _price,
  prices: _prices,
  verdicts: _verdicts,
  ...kind
}: Kind): Kind => kind;

/**
 * Gear as the text of its file, the things that are named with their kinds, without what concerns this house alone: who
 * has, tested or sold a thing, what it cost, prices.
 */
export function writeGearFile({ organisation, kinds, items }: Gear): string {
  const things = Object.entries(items).map(([id, item]) => {
    const {
      lent: _lent,
      bought: _bought,
      insured: _insured,
      photo: _photo,
      ...told
    } = itemWithoutNames(item);
    return [id, { ...told, state: told.state === 'out' ? 'ready' : told.state }] as const;
  });
  const file = {
    ...{ format: GEAR_FORMAT, version: 1, organisation },
    kinds: Object.fromEntries(Object.entries(kinds).map(([id, kind]) => [id, withoutFindings(kind)])),
    items: Object.fromEntries(things),
  };
  return `${JSON.stringify(file, null, 2)}\n`;
}

/** Parses and validates a gear file: every fault is told, nothing throws. */
export function readGearFile(
  text: string,
): { readonly gear: Gear; readonly faults: readonly [] } | { readonly faults: readonly Fault[] } {
  const parsed = parsedJson(text);
  if ('faults' in parsed) return parsed;
  const faults = faultsOf(GearFile, parsed.json);
  if (faults.length > 0) return { faults };
  const { organisation, kinds, items } = parsed.json as GearFile;
  const lost = Object.entries(items).flatMap(([id, { kind, goesWith }]): Fault[] => [
    ...(kinds[kind] ? [] : [{ path: `/items/${id}/kind`, reason: 'is no kind of this file' }]),
    ...(goesWith === undefined || items[goesWith]
      ? []
      : [{ path: `/items/${id}/goesWith`, reason: 'is no thing of this file' }]),
  ]);
  return lost.length > 0 ? { faults: lost } : { gear: { organisation, kinds, items }, faults: [] };
}
