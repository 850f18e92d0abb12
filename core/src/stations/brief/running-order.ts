/** Times of the running order: minutes of each phase, and when each item begins and ends. */
import type { Output, Phase } from '../../documents/index.js';
import { given, inOrder, taken, type Figure, type MapOf, type Term } from '../../foundations/index.js';
import * as figures from './figures.js';
import type { BriefReads, BriefResult, ItemTimes } from './result.js';

export const PHASE_ORDER: readonly Phase[] = ['rig', 'check', 'rehearse', 'wait', 'live', 'strike'];
const BEFORE: readonly Phase[] = ['rig', 'check', 'rehearse', 'wait'];

type Order = Pick<BriefReads, 'runningOrder'>;

const minutesOf = ({ runningOrder }: Order, phases: readonly Phase[]): Term[] =>
  inOrder(runningOrder)
    .filter(([, item]) => phases.includes(item.phase))
    .map(([id, item]) => given('planned', item.minutes, 'min', 'plan', `/runningOrder/${id}/minutes`));

export const phasesOf = (order: Order): BriefResult['phases'] =>
  Object.fromEntries(
    PHASE_ORDER.map(phase => {
      const terms = minutesOf(order, [phase]);
      return [
        phase,
        phase === 'live' ? figures.liveMinutes.calc([], terms) : figures.phaseMinutes.calc([phase], terms),
      ];
    }),
  ) as Record<Phase, Figure>;

export const beforeOf = (order: Order): Figure => figures.briefBefore.calc([], minutesOf(order, BEFORE));

const startTerm = (start: string): Term => given('start', start, 'instant', 'plan', '/start');

export const startOf = ({ start }: Pick<BriefReads, 'start'>): Figure =>
  figures.briefStart.calc([], [startTerm(start)]);

export const endOf = ({ start, live }: Pick<BriefReads, 'start'> & { readonly live: Figure }): Figure =>
  figures.briefEnd.calc([], [startTerm(start), taken('live', live)]);

/** How long the live part goes on after the venue wants quiet. */
export const pastQuietOf = ({
  end,
  quiet,
}: Pick<BriefReads, 'quiet'> & { readonly end: Figure }): Figure | undefined =>
  quiet === undefined
    ? undefined
    : figures.pastQuiet.calc(
        [],
        [given('quiet', quiet, 'instant', 'plan', '/hours/quiet'), taken('end', end)],
      );

/** Items run phase by phase; the first live item begins at the start. */
export function itemTimes({
  start,
  runningOrder,
  before,
}: Pick<BriefReads, 'start' | 'runningOrder'> & { readonly before: Figure }): Record<string, ItemTimes> {
  const times: Record<string, ItemTimes> = {};
  let previous: Figure | undefined;
  const items = inOrder(runningOrder);
  for (const [id, item] of PHASE_ORDER.flatMap(phase => items.filter(([, each]) => each.phase === phase))) {
    const begins = previous
      ? figures.itemBegins.calc([id], [taken('previous_end', previous)], { formula: 'previous_end' })
      : figures.itemBegins.calc([id], [startTerm(start), taken('before', before)], {
          formula: 'later(start, -before)',
        });
    const planned = given('planned', item.minutes, 'min', 'plan', `/runningOrder/${id}/minutes`);
    const ends = figures.itemEnds.calc([id], [taken('begins', begins), planned]);
    times[id] = { begins, ends };
    previous = ends;
  }
  return times;
}

export const outputsOf = ({ outputs }: { readonly outputs: MapOf<Output> | undefined }): Figure =>
  figures.outputsWanted.calc(
    [],
    inOrder(outputs).map(([id, output]) => given('output', output.kind, '', 'plan', `/outputs/${id}/kind`)),
  );
