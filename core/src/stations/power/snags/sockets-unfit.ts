import { severityOf } from '../../../foundations/index.js';
import type { SocketControl, SocketState } from '../../../documents/index.js';
import { feedFromOutlets } from '../feed-fixes.js';
import { powerRule, type PowerSeen } from '../result.js';
import type { Fix, Snag } from '../../../foundations/index.js';

const SWITCHED: Readonly<Record<SocketControl, string>> = {
  dimmed: 'is dimmed: electronics on it can be destroyed',
  timed: 'is on a timer',
  'light switch': 'goes off with the lights',
};

/** Edits that feed what is in a socket from elsewhere. */
export function* elsewhere(snag: Snag, seen: PowerSeen): Generator<Fix> {
  const socket = snag.subjects[0] ?? '';
  for (const [id, { from, to }] of Object.entries(seen.links ?? {})) {
    if (from.socket === socket && to.device !== undefined)
      yield* feedFromOutlets(seen, to.device, snag.id, id);
  }
}

/** Something of ours in a socket that is switched by more than itself. */
export const socketSwitched = powerRule({
  rule: 'power.socket-switched',
  reads: ({ own, ground }) => ({ loads: own.sockets, sockets: ground.venue.sockets }),
  *find({ loads, sockets }) {
    for (const [id, { control }] of Object.entries(loads)) {
      const severity = severityOf(control);
      if (severity === undefined) continue;
      const { label = '' } = sockets?.[id] ?? {};
      yield {
        severity,
        subjects: [id],
        title: `Socket ${label} ${SWITCHED[String(control.value) as SocketControl]}.`,
        because: [control],
        advice: 'Use another socket, or have whoever looks after the house keep it on, and tape its switch.',
      };
    }
  },
  fixes: elsewhere,
});

const FOUND: Readonly<Record<Exclude<SocketState, 'good'>, string>> = {
  'no earth': 'has no earth',
  swapped: 'has its wires swapped',
  dead: 'is dead',
};

/** Something of ours in a socket that a tester found bad. */
export const socketBad = powerRule({
  rule: 'power.socket-bad',
  reads: ({ own, ground }) => ({ loads: own.sockets, sockets: ground.venue.sockets }),
  *find({ loads, sockets }) {
    for (const [id, { watts }] of Object.entries(loads)) {
      const { label = '', test } = sockets?.[id] ?? {};
      if (!test || test.result === 'good' || watts.value === 0) continue;
      yield {
        severity: 'stop',
        subjects: [id],
        title: `Socket ${label} ${FOUND[test.result]}, by its last test.`,
        because: [watts],
        advice: 'Do not use it: tell whoever looks after the house, who has it mended by an electrician.',
      };
    }
  },
  fixes: elsewhere,
});
