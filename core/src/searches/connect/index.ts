/** “Connect the rest”: leads, adapters and converters for everything that is plugged into nothing yet. */
import { assess, type Assessment } from '../../assess.js';
import type { Bundle } from '../../documents/index.js';
import { idFrom, type Edit, type Operation } from '../../foundations/index.js';
import { freeItems } from '../../stations/equipment.js';
import { editPlan } from '../../edits.js';
import { provenLeast, type Found, type Search } from '../search.js';
import { assign, type Assigned } from './assign.js';
import { demandsOf, type ConnectProblem } from './demands.js';
import type { PortEnd } from './free-ports.js';
import type { Way } from './ways.js';

export { assign, costOf, PENALTY, takenBy, type Assigned } from './assign.js';
export { demandsOf, type ConnectProblem, type ConnectDemand } from './demands.js';
export { keyOf } from './free-ports.js';
export type { Way } from './ways.js';

export interface Proposal {
  readonly id: string;
  readonly demand: string;
  readonly from: string;
  readonly to: string;
  /** What comes between, with its tape code where one is owned. */
  readonly via: string | undefined;
  readonly owned: boolean;
  readonly patch: readonly Operation[];
}

export interface Proposals {
  readonly proposals: readonly Proposal[];
  /** Demands for which nothing was found. */
  readonly without: readonly string[];
}

export interface ConnectTask {
  readonly bundle: Bundle;
  readonly assessment: Assessment;
  readonly problem: ConnectProblem;
}

/** The proposals that together cost least; each can be taken or left by itself. */
export const connectTheRest: Search<object, ConnectTask, Proposals> = {
  name: 'connect',
  about: 'leads for everything that is plugged into nothing',
  *problemOf(bundle) {
    yield { stage: 'problem', share: 0 };
    const assessment = assess(bundle);
    return { bundle, assessment, problem: demandsOf(bundle, assessment) };
  },
  async *solve(problem, { solve }): AsyncGenerator<never, Found<Proposals>> {
    const isAir = (key: string): boolean => {
      const [device = '', port = ''] = key.split(' ');
      return problem.assessment.signal.wiring.portOf({ device, port })?.connector === 'air';
    };
    const assigned = await assign(problem.problem, isAir, solve);
    const answer = proposalsOf(problem, assigned);
    const { proposals } = answer;
    const all = { id: 'all', label: `Connect ${proposals.length} more` };
    return {
      answer,
      objectives: [provenLeast('cost of leads', '', assigned.cost)],
      offers:
        proposals.length > 0
          ? [{ ...all, changes: [{ document: 'plan', patch: takeProposals(proposals) }] }]
          : [],
    };
  },
};

function proposalsOf({ bundle, assessment, problem }: ConnectTask, { ways }: Assigned): Proposals {
  const { plan, kinds, shelf } = bundle;
  const { wiring } = assessment.signal;
  const left = new Map<string, string[]>();
  const leads = new Map<string, number>();
  const leadLeft = (name: string): boolean => {
    const used = leads.get(name) ?? 0;
    leads.set(name, used + 1);
    return used < (problem.owned[name] ?? 0);
  };
  const words = (end: PortEnd): string =>
    `${plan.devices?.[end.device]?.label ?? '?'} · ${wiring.portOf(end)?.label ?? '?'}`;
  const proposals = problem.demands.flatMap(({ id, label }): Proposal[] => {
    const way = ways.get(id);
    if (!way) return [];
    const kind = way.via && kinds.kinds[way.via.kind];
    const items = way.via ? (left.get(way.via.kind) ?? freeItems(shelf, way.via.kind, plan.devices)) : [];
    if (way.via) left.set(way.via.kind, items);
    const item = items.shift();
    const tape = item === undefined ? undefined : shelf.items[item]?.tape;
    return [
      {
        id,
        demand: label,
        from: words(way.from),
        to: words(way.to),
        via: way.lead?.name ?? (kind && (tape === undefined ? kind.label : `${kind.label}, ${tape}`)),
        owned: way.lead ? leadLeft(way.lead.name) : way.via === undefined || item !== undefined,
        patch: patchOf(id, way, item, bundle),
      },
    ];
  });
  return { proposals, without: problem.demands.filter(({ id }) => !ways.has(id)).map(({ label }) => label) };
}

function patchOf(
  demand: string,
  { from, to, via, bus }: Way,
  item: string | undefined,
  { plan, kinds }: Bundle,
): Operation[] {
  const edit = editPlan(plan);
  const link = (seed: string, a: PortEnd, b: PortEnd): Edit<Bundle['plan']> =>
    edit.put('links', idFrom(`connect/${demand}/${seed}`), { from: { ...a }, to: { ...b } });
  if (bus !== undefined) edit.put('devices', from.device, 'buses', from.port, { bus });
  if (!via) return link('plain', from, to).patch;
  const device = idFrom(`connect/${demand}/via`);
  edit.put('devices', device, {
    order: `${plan.devices?.[from.device]?.order ?? '0'}a`.slice(0, 8),
    label: (kinds.kinds[via.kind]?.label ?? 'Adapter').slice(0, 40),
    kind: via.kind,
    ...(item === undefined ? {} : { item }),
    place: { inside: from.device },
  });
  link('first', from, { device, port: via.input });
  return link('second', { device, port: via.output }, to).patch;
}

/** The edit that takes some of the proposals; several that set up one switcher go together. */
export function takeProposals(taken: readonly Proposal[]): Operation[] {
  const seen = new Set<string>();
  return taken
    .flatMap(({ patch }) => patch)
    .filter(({ path }) => {
      // Only the first of them opens a map.
      if (!path.endsWith('/buses') && path !== '/links') return true;
      if (seen.has(path)) return false;
      seen.add(path);
      return true;
    });
}
