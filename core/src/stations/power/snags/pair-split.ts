import { severityOf } from '../../../foundations/index.js';
import { powerRule } from '../result.js';

/** Two devices that are to live together on two circuits, or that stand in for each other on one. */
export const pairSplit = powerRule({
  rule: 'power.pair-split',
  reads: ({ own, signal, fedTogether }) => ({
    pairs: own.pairs,
    devices: signal.wiring.devices,
    fedTogether,
  }),
  *find({ pairs, devices, fedTogether }) {
    for (const [id, { together, apart }] of Object.entries(pairs)) {
      const circuits = together ?? apart;
      const severity = circuits && severityOf(circuits);
      const { one = '', other = '' } = fedTogether?.[id] ?? {};
      if (severity === undefined || !circuits) continue;
      const [a, b] = [one, other].map(device => devices[device]?.label ?? 'a device');
      yield {
        severity,
        subjects: [one, other],
        title: apart
          ? `${a ?? ''} and ${b ?? ''} stand in for each other, and hang on one circuit.`
          : `${a ?? ''} and ${b ?? ''} are to live together, and hang on two circuits.`,
        because: [circuits],
        advice: 'Share out the load: it keeps what belongs together on one circuit, and the others apart.',
      };
    }
  },
  fixes: () => [],
});
