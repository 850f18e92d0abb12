/** What came of gear: noted after use, said when the same is wanted again, and looked for before buying it used. */
import type { Kind, Kinds, Plan, Tried, Venue, Verdict } from '../documents/index.js';
import { inKinds, inPlan, inVenue } from '../edits.js';
import {
  counted,
  inOrder,
  orderAfter,
  VERDICTS,
  type DocumentPatch,
  type Operation,
  type VerdictWord,
} from '../foundations/index.js';
import { takesMains } from '../stations/pack/takes-mains.js';
import { kindDoes } from '../stations/signal/functions.js';

export { triedHere } from '../stations/pack/worked-here.js';
export { VERDICTS, type VerdictWord } from '../foundations/index.js';

const AT_EVENTS: Readonly<Record<VerdictWord, string>> = {
  worked: 'worked',
  'never used': 'taken along and never used',
  missed: 'missed',
  broke: 'broke',
};

/** What came of a kind so far, by how often: `worked at 3 events, broke at 1 event`; empty where nothing was noted. */
export function verdictWords({ verdicts }: Pick<Kind, 'verdicts'>): string {
  const all = Object.values(verdicts ?? {});
  return VERDICTS.flatMap(each => {
    const count = all.filter(({ verdict }) => verdict === each).length;
    return count === 0 ? [] : [`${AT_EVENTS[each]} at ${counted(count, 'event', 'events')}`];
  }).join(', ');
}

/** What was noted of a kind, by id; the newest first. */
export const verdictsOf = ({ verdicts }: Pick<Kind, 'verdicts'>): readonly (readonly [string, Verdict])[] =>
  inOrder(verdicts).toSorted(([, a], [, b]) => b.on.localeCompare(a.on));

/** The edit that notes what came of a kind. */
export function verdictPatch({ kinds }: Kinds, kind: string, id: string, verdict: Verdict): Operation[] {
  const edit = inKinds();
  return kinds[kind]?.verdicts
    ? edit.put('kinds', kind, 'verdicts', id, verdict).patch
    : edit.put('kinds', kind, 'verdicts', { [id]: verdict }).patch;
}

/**
 * The edit of the survey that notes whether a thing worked at the venue, with the plan pinned to what the survey then
 * is. For a plan that is pinned to the newest revision.
 */
export function triedChanges(
  { tried }: Venue,
  plan: Pick<Plan, 'venue'>,
  id: string,
  note: Omit<Tried, 'order'>,
): readonly [DocumentPatch, DocumentPatch] {
  const noted = { order: orderAfter(inOrder(tried).at(-1)?.[1].order), ...note };
  const edit = inVenue();
  const { change } = tried ? edit.put('tried', id, noted) : edit.put('tried', { [id]: noted });
  return [change, inPlan().put('venue', 'revision', plan.venue.revision + 1).change];
}

/** What to look at before a kind is bought used, the gravest first. */
export function usedChecks(kind: Kind): readonly string[] {
  const ports = Object.values(kind.ports ?? {});
  const gives = ports.some(({ carries, direction }) => carries === 'video' && direction === 'out');
  const does = (...all: readonly Parameters<typeof kindDoes>[1][]): boolean =>
    all.some(each => kindDoes(kind, each));
  return [
    ...(gives ? ['Every picture output: does it give a picture without menus, icons or flicker?'] : []),
    ...(does('mixes sound', 'hears', 'records sound')
      ? ['Every channel: is it quiet, without crackle at any knob?']
      : []),
    ...(ports.length > 0 ? ['Every connector: is it tight, straight, and does it hold its plug?'] : []),
    ...(does('sees', 'records pictures', 'switches', 'shows')
      ? ['How many hours has it run? Are there dead dots?']
      : []),
    ...(kind.family === 'battery' || kind.inner
      ? ['Health and cycles of the battery, its age, and no bulge or heat while it charges']
      : []),
    ...(takesMains(kind) ? ['Its own mains lead, whole, and an electrical test before it is used'] : []),
    ...(kind.cable ? ['Both ends and the whole jacket, and a signal through it'] : []),
    ...(kind.support ? ['Locks hold, legs do not sink, the plate and its screw are there'] : []),
    ...[
      'A right to return it, in writing',
      'The seller’s record, a receipt, and a serial number that was not removed',
    ],
  ];
}
