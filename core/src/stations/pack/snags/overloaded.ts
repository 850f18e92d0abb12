import { inWords, listed, numberOf, severityOf } from '../../../foundations/index.js';
import { packRule } from '../result.js';

/** A vehicle that carries more than it may, or more than an axle may. */
export const overloaded = packRule({
  rule: 'pack.overloaded',
  reads: ({ own, units }) => ({ vehicles: own.vehicles, units }),
  *find({ vehicles, units }) {
    for (const [id, { label, left, frontLeft, rearLeft, roofLeft, load }] of Object.entries(vehicles)) {
      const over = (
        [
          ['its payload', left],
          ['its front axle', frontLeft],
          ['its rear axle', rearLeft],
          ...(roofLeft ? [['its roof bars', roofLeft] as const] : []),
        ] as const
      ).filter(([, figure]) => severityOf(figure) !== undefined);
      if (over.length === 0) continue;
      const said = over.map(
        ([what, figure]) => `${what} by ${inWords(-(numberOf(figure) ?? 0), 'kg', units)}`,
      );
      yield {
        severity: 'stop',
        subjects: [id],
        title: `${label} is over ${listed(said)}.`,
        because: [load, ...over.map(([, figure]) => figure)],
        advice: 'Drive twice, take another vehicle, or move weight off that axle. Never drive it so.',
      };
    }
  },
});
