import { listed, numberOf, type Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import type { SignalReads, SignalResult } from '../index.js';

/** Sound that comes so early or late that it shows on lips. */
export const lipSync: Rule<Seen<SignalReads, SignalResult>> = {
  rule: 'signal.lip-sync',
  station: 'signal',
  find: ({ own: { latency, wiring }, outputs }) =>
    Object.entries(latency).flatMap(([id, { sources }]) => {
      const bad = Object.entries(sources).filter(
        ([, { verdict }]) => verdict.value === 'noticeable' || verdict.value === 'unacceptable',
      );
      if (bad.length === 0) return [];
      const offsets = bad.map(([, { offset }]) => numberOf(offset) ?? 0);
      const most = offsets.reduce((a, b) => (Math.abs(b) > Math.abs(a) ? b : a));
      return [
        {
          severity: 'risk' as const,
          subjects: [id],
          outputs: [id],
          title: `Sound is ${Math.round(Math.abs(most))} ms ${most > 0 ? 'early' : 'late'} on ${outputs?.[id]?.label ?? 'an output'} with ${listed(bad.map(([camera]) => wiring.devices[camera]?.label ?? camera))}.`,
          because: bad.map(([camera]) => `signal.latency.${id}.sources.${camera}.offset`),
          advice: 'Set the delay, then clap before each camera and measure: these are typical values.',
        },
      ];
    }),
  *fixes(snag, { own: { latency, wiring } }) {
    const { delay, at = '' } = latency[snag.subjects[0] ?? ''] ?? {};
    const value = Math.round(numberOf(delay) ?? -1);
    if (value < 0 || !wiring.devices[at]) return;
    yield {
      label: `Set a delay of ${value} ms for the sound in ${wiring.devices[at].label}`,
      changes: [{ document: 'plan', patch: [{ op: 'add', path: `/devices/${at}/soundDelay`, value }] }],
    };
  },
};
