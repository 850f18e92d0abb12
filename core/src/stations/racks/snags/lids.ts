import type { Connector, RackCase } from '../../../documents/index.js';
import { listed, type Snag } from '../../../foundations/index.js';
import { eachRackRule, racksRule } from '../result.js';
import { fix, inPlan } from '../../../edits.js';

/** Drawers without a latch, and screens in a lid without a stay: what moves by itself hurts hands. */
export const comesOpen = eachRackRule({
  rule: 'racks.comes-open',
  reads: ({ kinds }) => ({ kinds: kinds.kinds }),
  *find(rackId, rack, { kinds }) {
    const space = kinds[rack.kind]?.rackCase;
    for (const [id, { label, kind, how, fitting, weight }] of Object.entries(rack.items)) {
      const latch = kinds[kind]?.rack?.latch;
      if (fitting === 'drawer' && latch !== 'yes')
        yield {
          severity: latch === undefined ? 'note' : 'risk',
          subjects: [id, rackId],
          title:
            latch === undefined
              ? `Whether a latch keeps ${label} in ${rack.label} shut is not known.`
              : `${label} in ${rack.label} has no latch: it comes open on the road and tips the rack.`,
          because: [weight],
          advice: 'Look at it; tape it shut before the rack is moved.',
        };
      const lid = how === 'lid' && space ? lidOf(space) : undefined;
      if (lid)
        yield {
          ...lid,
          subjects: [id, rackId],
          title: `The lid of ${rack.label} with ${label} ${lid.title}.`,
          because: [weight],
        };
    }
  },
});

/** What is wrong with a lid that something is mounted in, or not known of it. Its latch is looked at on the day anyway. */
function lidOf({
  stay,
  latch,
}: Pick<RackCase, 'stay' | 'latch'>): Pick<Snag, 'severity' | 'title' | 'advice'> | undefined {
  const advice = 'Fit a stay with a locking pin and a latch; no hand in a moving lid.';
  const missing = [
    ...(stay === 'no' ? ['no stay: it falls on hands'] : []),
    ...(latch === 'no' ? ['no latch: it comes open on the road'] : []),
  ];
  if (missing.length > 0) return { severity: 'risk', title: `has ${listed(missing)}`, advice };
  if (stay !== undefined) return undefined;
  const unknown = ['a stay holds it open', ...(latch === undefined ? ['a latch keeps it shut'] : [])];
  return { severity: 'note', title: `was not looked at: whether ${listed(unknown)} is not known`, advice };
}

/** Plugs that are held by more than friction: by a ring, a thread, a latch. */
const HELD_PLUGS: ReadonlySet<Connector> = new Set<Connector>([
  ...([
    'BNC',
    'XLR',
    'XLR 4-pin',
    'RJ45',
    'fibre LC',
    'DC locking',
    'mains locking',
    'battery plate',
  ] as const),
  ...(['VGA', '60309 blue 16 A', '60309 blue 32 A', '60309 red 16 A', '60309 red 32 A', 'air'] as const),
]);

/** Things in a lid whose plugs nothing but friction holds: the lid pulls at their leads whenever it moves. */
export const lidPlugs = eachRackRule({
  rule: 'racks.lid-plugs',
  reads: ({ wiring }) => ({ wiring }),
  *find(rackId, rack, { wiring }) {
    for (const [id, { label, how, weight }] of Object.entries(rack.items)) {
      if (how !== 'lid') continue;
      const ends = [
        ...wiring.outOf(id).map(([, { from }]) => from),
        ...wiring.into(id).map(([, { to }]) => to),
      ];
      const plugs = ends.flatMap(end => wiring.portOf(end)?.connector ?? []);
      const pulled = [...new Set(plugs.filter(each => !HELD_PLUGS.has(each)))];
      if (pulled.length === 0) continue;
      yield {
        severity: 'note',
        subjects: [id, rackId],
        title: `${label} in the lid of ${rack.label} has plugs that do not lock: ${listed(pulled)}.`,
        because: [weight],
        advice: 'Tie each lead to it beside its plug, with a loop at the hinge; or use locking ones.',
      };
    }
  },
});

/** What is worked by hand behind a lid that stays on. */
export const outOfReach = racksRule({
  rule: 'racks.out-of-reach',
  reads: ({ own, devices, kinds }) => ({ racks: own.racks, devices, kinds: kinds.kinds }),
  *find({ racks, devices, kinds }) {
    for (const [rackId, rack] of Object.entries(racks)) {
      const { closed } = devices?.[rackId] ?? {};
      if (!closed) continue;
      for (const [id, { label, kind, how, rear, weight }] of Object.entries(rack.items)) {
        const face = rear ? 'rear' : 'front';
        if (how !== 'rails' || kinds[kind]?.rack?.reach !== true || !closed.includes(face)) continue;
        yield {
          severity: 'risk',
          subjects: [id, rackId],
          title: `${label} is worked by hand, and the ${face} lid of ${rack.label} stays on before it.`,
          because: [weight],
        };
      }
    }
  },
  *fixes({ subjects: [id = '', rackId = ''] }, { own, devices }) {
    const face = own.racks[rackId]?.items[id]?.rear ? 'rear' : 'front';
    const rest = devices?.[rackId]?.closed?.filter(each => each !== face) ?? [];
    yield fix(
      `Leave the ${face} lid off while it works`,
      inPlan().set('devices', rackId, 'closed', rest.length > 0 ? rest : undefined),
    );
  },
});
