import { idFrom, inOrder, listed } from '../../../foundations/index.js';
import { signalRule, type SignalResult } from '../result.js';
import { devicesWith } from '../switching.js';
import { fix, inPlan } from '../../../edits.js';

/** Ports that work only together, of which some are plugged in and some are not: an extender that needs two cables. */
export const secondCable = signalRule({
  rule: 'signal.second-cable',
  reads: ({ own }) => ({ wiring: own.wiring, results: own.links }),
  *find({ wiring, results }) {
    for (const [device, { label }] of devicesWith(wiring, port => port.together !== undefined)) {
      for (const [set, { linked, free }] of togetherOf(wiring, device)) {
        if (linked.length === 0 || free.length === 0) continue;
        const names = listed(free.map(port => wiring.portOf({ device, port })?.label ?? port));
        yield {
          severity: 'stop',
          subjects: [device, set],
          title: `${label} works with ${linked.length + free.length} cables together; ${names} ${free.length === 1 ? 'is' : 'are'} not plugged in.`,
          because: linked.flatMap(([, link]) => results[link]?.mates ?? []),
          advice: 'Lay the other cable too, or take an extender that needs one.',
        };
      }
    }
  },
  *fixes({ subjects: [device = '', set = ''] }, { own: { wiring }, links }) {
    const own = togetherOf(wiring, device).get(set);
    const first = own && links?.[own.linked[0]?.[1] ?? ''];
    const outgoing = first?.from.device === device;
    const partner = outgoing ? first.to.device : first?.from.device;
    const other = partner === undefined ? undefined : togetherOf(wiring, partner);
    const theirs = [...(other?.values() ?? [])].flatMap(({ free }) => free);
    if (!own || partner === undefined || theirs.length < own.free.length) return;
    const edit = inPlan().each(own.free.entries(), (each, [i, port]) => {
      const [here, there] = [
        { device, port },
        { device: partner, port: theirs[i] ?? '' },
      ];
      const lead = outgoing ? { from: here, to: there } : { from: there, to: here };
      return each.put('links', idFrom(`${device}/${port}/together`), lead);
    });
    yield fix(`Lay the other cable to ${wiring.devices[partner]?.label ?? 'the other end'}`, edit);
  },
});

interface Together {
  readonly linked: (readonly [port: string, link: string])[];
  readonly free: string[];
}

/** Sets of ports that work only together, with what is plugged into each. */
function togetherOf(wiring: SignalResult['wiring'], device: string): Map<string, Together> {
  const sets = new Map<string, Together>();
  const leads = new Map(
    [...wiring.into(device), ...wiring.outOf(device)].flatMap(([id, { from, to }]) =>
      [from, to].filter(end => end.device === device).map(end => [end.port ?? '', id] as const),
    ),
  );
  for (const [port, { together }] of inOrder(wiring.kindOf(device)?.ports)) {
    if (together === undefined) continue;
    const set = sets.get(together) ?? { linked: [], free: [] };
    const lead = leads.get(port);
    if (lead === undefined) set.free.push(port);
    else set.linked.push([port, lead]);
    sets.set(together, set);
  }
  return sets;
}
