import { listed, numberOf, severityOf } from '../../../foundations/index.js';
import { signalRule } from '../result.js';
import { fix, inPlan } from '../../../edits.js';

/** Sound that comes so early or late that it shows on lips. */
export const lipSync = signalRule({
  rule: 'signal.lip-sync',
  reads: ({ own, outputs }) => ({ latency: own.latency, devices: own.wiring.devices, outputs }),
  *find({ latency, devices, outputs }) {
    for (const [id, { sources }] of Object.entries(latency)) {
      const bad = Object.entries(sources).filter(([, { offset }]) => severityOf(offset) !== undefined);
      const [first] = bad;
      const severity = first && severityOf(first[1].offset);
      if (severity === undefined) continue;
      const offsets = bad.map(([, { offset }]) => numberOf(offset) ?? 0);
      const most = offsets.reduce((a, b) => (Math.abs(b) > Math.abs(a) ? b : a));
      const cameras = listed(bad.map(([camera]) => devices[camera]?.label ?? camera));
      yield {
        severity,
        subjects: [id],
        outputs: [id],
        title: `Sound is ${Math.round(Math.abs(most))} ms ${most > 0 ? 'early' : 'late'} on ${outputs?.[id]?.label ?? 'an output'} with ${cameras}.`,
        because: bad.map(([, { offset }]) => offset),
        advice: 'Set the delay, then clap before each camera and measure: these are typical values.',
      };
    }
  },
  *fixes(snag, { own: { latency, wiring } }) {
    const { delay, at = '' } = latency[snag.subjects[0] ?? ''] ?? {};
    const value = Math.round(numberOf(delay) ?? NaN);
    if (!(value >= 0) || !wiring.devices[at]) return;
    yield fix(
      `Set a delay of ${value} ms for the sound in ${wiring.devices[at].label}`,
      inPlan().put('devices', at, 'soundDelay', value),
    );
  },
});
