/** The checks with the ticks they have, and how many there are of each. */
import type { Tick } from '../../documents/index.js';
import { constant, inOrder, type Figure, type MapOf } from '../../foundations/index.js';
import type { Draft, Drafts } from './draft.js';
import * as figures from './figures.js';
import { MOMENTS, type Check, type Checks, type DayResult } from './result.js';

/** Checks by their stable ids, in order of doing within each moment. */
export function checksOf({
  drafts,
  ticks,
}: {
  readonly drafts: Drafts;
  readonly ticks: MapOf<Tick> | undefined;
}): Checks {
  const byCheck = new Map(inOrder(ticks).map(([id, tick]) => [tick.check, [id, tick] as const]));
  return Object.fromEntries(
    MOMENTS.flatMap(moment =>
      drafts
        .filter(([, draft]) => draft.moment === moment)
        .map(([id, draft]) => [id, checkOf(draft, byCheck.get(id))]),
    ),
  );
}

function checkOf({ atLeast, ...draft }: Draft, given: readonly [string, Tick] | undefined): Check {
  const [tick, entry] = given ?? [];
  return {
    moment: draft.moment,
    label: draft.label,
    detail: draft.detail ?? '',
    tape: draft.tape,
    unit: draft.unit,
    atLeast: typeof atLeast?.value === 'number' ? { path: atLeast.path, value: atLeast.value } : undefined,
    tick,
    by: entry?.by,
    at: entry?.at,
    value: entry?.value,
  };
}

interface Checked {
  readonly checks: Checks;
}

const ticked = (of: readonly Check[]): number => of.filter(({ tick }) => tick !== undefined).length;

export const doneOf = ({ checks }: Checked): Figure =>
  figures.checksDone.found([], ticked(Object.values(checks)));

export const allOf = ({ checks }: Checked): Figure => figures.checksAll.found([], Object.keys(checks).length);

export const momentsOf = ({ checks }: Checked): DayResult['moments'] =>
  Object.fromEntries(
    MOMENTS.map(moment => {
      const own = Object.values(checks).filter(check => check.moment === moment);
      return [
        moment,
        {
          done: figures.momentDone.found([moment], ticked(own)),
          all: figures.momentAll.found([moment], own.length),
        },
      ];
    }),
  );

/** Whether every check up to “Before doors” has its tick. */
export function readyOf({ checks }: Checked): Figure {
  const last = MOMENTS.indexOf('Before doors');
  const early = Object.values(checks).filter(({ moment }) => MOMENTS.indexOf(moment) <= last);
  return figures.readyForDoors.calc(
    [],
    [
      constant('open', early.length - ticked(early), 'pieces', 'checks without a tick up to “Before doors”'),
      constant('none', 0, 'pieces', 'none may be left'),
    ],
  );
}
