/** What was tried to put up cameras of one sort, and what was in the way everywhere. */
import { inWords, listed } from '../../foundations/index.js';
import { workedByHand } from '../../stations/equipment.js';
import { footprintOf } from '../../stations/floor-taken.js';
import { gridOf, whyNotThere, type Ground } from './places.js';
import type { Means, Scene, Sighting } from './poses.js';
import { REASON_WORDS } from './reason-words.js';
import type { Reason } from './quality.js';

/** How often each thing was found. */
class Tally<T> {
  private readonly counts = new Map<T, number>();

  add(each: T): void {
    this.counts.set(each, (this.counts.get(each) ?? 0) + 1);
  }

  /** The most frequent first. */
  get sorted(): readonly (readonly [each: T, count: number])[] {
    return [...this.counts].sort((a, b) => b[1] - a[1]);
  }
}

/** Why a sort of camera shows nothing from wherever it can stand: of every shot, by what it is lost how often. */
export class Tried {
  /** Places at which such a camera can stand. */
  places = 0;
  private readonly lost = new Map<number, Tally<Reason>>();

  /** Takes what a camera sees from one place and height. */
  add(sightings: readonly Sighting[]): void {
    sightings.forEach(({ quality: { value, worst } }, shot) => {
      if (value > 0 || worst === undefined) return;
      const tally = this.lost.get(shot) ?? new Tally<Reason>();
      this.lost.set(shot, tally);
      tally.add(worst);
    });
  }

  /** In words that follow “CLOSE:”, where there is no place from which it shows anything. */
  words({ wanted }: Pick<Scene, 'wanted'>): string {
    const shots = [...this.lost].map(([shot, tally]) => {
      const reasons = tally.sorted.slice(0, 2).map(([reason]) => REASON_WORDS[reason]);
      return `${wanted.shots[shot]?.label ?? ''} – ${reasons.join(', or ')}`;
    });
    if (shots.length === 0) return 'nothing is wanted of it';
    const from = this.places === 1 ? 'the one place' : `all ${this.places} places`;
    return `it can show nothing from ${from} where it could stand: ${shots.join('; ')}`;
  }
}

/** Where a grid has no place for a stand, others may have, so many times finer. */
const FINER = [10, 4, 1] as const;
/** More points than this are not looked through. */
const MANY = 20_000;

/** The finest grid with no more points than can be looked through in a moment, m. */
export function finest(where: Ground, grid: number): number {
  const points = gridOf(where, grid).length;
  return grid / (FINER.find(finer => points * finer * finer <= MANY) ?? 1);
}

/** Reasons that are told; the others are few. */
const TOLD = 3;
/** To this the widest stand is found that would fit somewhere, m. */
const FINE = 0.05;

/** Why a camera fits nowhere on a grid, in words that follow “CLOSE:”. */
export function whyNowhere(where: Ground, grid: number, { worked }: Pick<Means, 'worked'>): string {
  const side = footprintOf(worked);
  const { units } = where;
  const needs = `${workedByHand(worked) ? 'its operator needs' : 'its stand needs'} ${inWords(side, 'm', units)}`;
  const points = gridOf(where, grid);
  if (points.length === 0)
    return `${needs}, and no floor is marked for cameras that is wide enough to look for places`;
  const tally = new Tally<string>();
  let widest = 0;
  for (const { at, level } of points) {
    tally.add(whyNotThere(where, at, level, side) ?? '');
    while (widest < side && whyNotThere(where, at, level, widest + FINE) === undefined) widest += FINE;
  }
  const reasons = tally.sorted.slice(0, TOLD).map(([reason, count]) => `${reason} (${count} ×)`);
  const most = widest > 0 ? `; at the widest place there is room for ${inWords(widest, 'm', units)}` : '';
  const alone = footprintOf('locked');
  const locked = side > alone && widest >= alone - FINE / 2;
  const unmanned = locked ? `; with nobody at it, it needs ${inWords(alone, 'm', units)}` : '';
  return `${needs}; ${points.length} places were tried${most}: ${listed(reasons)}${unmanned}`;
}
