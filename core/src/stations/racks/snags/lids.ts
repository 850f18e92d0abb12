import { inWords, numberOf, severityOf } from '../../../foundations/index.js';
import { racksRule } from '../result.js';
import { fix, inPlan } from '../../../edits.js';

/** Drawers without a latch, and screens in a lid without a stay: what moves by itself hurts hands. */
export const comesOpen = racksRule({
  rule: 'racks.comes-open',
  reads: ({ own, devices, kinds }) => ({ racks: own.racks, devices, kinds: kinds.kinds }),
  *find({ racks, devices, kinds }) {
    for (const [rackId, rack] of Object.entries(racks)) {
      const stay = kinds[devices?.[rackId]?.kind ?? '']?.rackCase?.stay;
      for (const [id, { label, how, fitting, weight }] of Object.entries(rack.items)) {
        const latch = kinds[devices?.[id]?.kind ?? '']?.rack?.latch;
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
        if (how === 'lid' && stay !== 'yes')
          yield {
            severity: stay === undefined ? 'note' : 'risk',
            subjects: [id, rackId],
            title:
              stay === undefined
                ? `Whether a stay holds the lid of ${rack.label} with ${label} open is not known.`
                : `The lid of ${rack.label} with ${label} has no stay: it falls on hands.`,
            because: [weight],
            advice: 'Fit a stay with a locking pin; no hand in a moving lid.',
          };
      }
    }
  },
});

/** Free behind a standing rack, m: plugs, and air. House figure. */
const BEHIND = 0.15;
/** What is free behind one that is pulled forward, m. */
const PULLED = 0.3;

/** A rack that stands so close to a wall that neither plugs nor air have room behind it. */
export const againstWall = racksRule({
  rule: 'racks.against-wall',
  reads: ({ own, devices, units }) => ({ racks: own.racks, devices, units }),
  *find({ racks, devices, units }) {
    for (const [id, { label, heat, used }] of Object.entries(racks)) {
      const gap = devices?.[id]?.gap;
      if (gap === undefined || gap >= BEHIND) continue;
      yield {
        severity: 'risk',
        subjects: [id],
        title: `${label} has ${inWords(gap, 'm', units)} behind it: too little for plugs and air.`,
        because: [heat, used],
      };
    }
  },
  fixes: ({ subjects: [id = ''] }, { units }) => [
    fix(
      `Pull it forward, so that ${inWords(PULLED, 'm', units)} are free behind it`,
      inPlan().put('devices', id, 'gap', PULLED),
    ),
  ],
});

/** Fans that a microphone close by hears. */
export const loud = racksRule({
  rule: 'racks.loud',
  reads: ({ own, units }) => ({ racks: own.racks, units }),
  *find({ racks, units }) {
    for (const [id, { label, air }] of Object.entries(racks)) {
      const { noise } = air;
      if (!noise || severityOf(noise) === undefined) continue;
      yield {
        severity: 'note',
        subjects: [id],
        title: `${label} makes ${Math.round(numberOf(noise) ?? 0)} dB(A) at ${inWords(1, 'm', units)}: a quiet room hears it.`,
        because: [noise],
        advice: 'Keep it away from microphones and from the first rows; twice as far is 6 dB less.',
      };
    }
  },
});
