/** Racks where they stand: too close to a wall, too loud for the room. */
import { inWords, numberOf, severityOf } from '../../../foundations/index.js';
import { fix, inPlan } from '../../../edits.js';
import { eachRackRule, racksRule } from '../result.js';

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
export const loud = eachRackRule({
  rule: 'racks.loud',
  reads: ({ units }) => ({ units }),
  *find(id, { label, air }, { units }) {
    const { noise } = air;
    if (!noise || severityOf(noise) === undefined) return;
    yield {
      severity: 'note',
      subjects: [id],
      title: `${label} makes ${Math.round(numberOf(noise) ?? 0)} dB(A) at ${inWords(1, 'm', units)}: a quiet room hears it.`,
      because: [noise],
      advice: 'Keep it away from microphones and from the first rows; twice as far is 6 dB less.',
    };
  },
});
