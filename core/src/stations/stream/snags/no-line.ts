import { streamRule } from '../result.js';

/** Something to be sent that no lead or air takes to a line. */
export const noLine = streamRule({
  rule: 'stream.no-line',
  reads: ({ own, outputs, signal }) => ({
    streams: own.streams,
    outputs,
    devices: signal.wiring.devices,
  }),
  *find({ streams, outputs, devices }) {
    for (const [id, { line, unled }] of Object.entries(streams)) {
      const { label = 'A stream', device = '' } = outputs?.[id] ?? {};
      if (!unled || !devices[device]) continue;
      yield {
        severity: 'stop',
        subjects: [id, device],
        outputs: [id],
        title: `“${label}” cannot leave the place: nothing leads from ${devices[device].label} to a line.`,
        because: [line],
        advice: 'Lead its network to a socket of the house, or to something with a modem.',
      };
    }
  },
});
