import { numberOf } from '../../../foundations/index.js';
import { powerRule } from '../result.js';

/** A circuit in use in the open air before which nobody has noted a residual-current device. */
export const noResidual = powerRule({
  rule: 'power.no-residual',
  reads: ({ own, ground }) => ({ loads: own.circuits, venue: ground.venue }),
  *find({ loads, venue }) {
    if (!venue.outdoors) return;
    for (const [id, { ours }] of Object.entries(loads)) {
      const { label = 'A circuit', residual } = venue.circuits?.[id] ?? {};
      if (residual !== undefined || numberOf(ours) === 0) continue;
      yield {
        severity: 'risk',
        subjects: [id],
        title: `Nobody has noted residual-current protection before ${label}, outdoors.`,
        because: [ours],
        advice:
          'Find out, and note it with its trip; else bring a protected lead. Connectors rated for rain, and off the ground.',
      };
    }
  },
  fixes: () => [],
});
