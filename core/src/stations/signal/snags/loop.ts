import { severityOf } from '../../../foundations/index.js';
import { insertInto } from '../insert.js';
import { signalRule } from '../result.js';
import { fix, inPlan } from '../../../edits.js';

/** A way by which what a device gives comes back into it. */
export const loop = signalRule({
  rule: 'signal.loop',
  reads: ({ own }) => ({ loops: own.loops }),
  *find({ loops }) {
    for (const [id, { devices, through, howls }] of Object.entries(loops)) {
      const severity = severityOf(howls);
      if (severity === undefined) continue;
      const loud = severity === 'stop';
      yield {
        severity,
        subjects: [id, ...devices],
        title: loud
          ? `Talkback runs in a ring through ${String(through.value)}: it will howl.`
          : devices.length === 1
            ? `What ${String(through.value)} gives comes back into it.`
            : `What ${String(through.value)} give comes back into them.`,
        because: [through, howls],
        advice: loud
          ? 'Take the ring apart, or put a de-embedder that strips talkback into it.'
          : 'A second row of a switcher or a sub-switcher may lead back on purpose; anything else shows itself in itself.',
      };
    }
  },
  *fixes(snag, { own: { loops, wiring }, links, kinds, shelf }) {
    const found = loops[snag.subjects[0] ?? ''];
    if (!found) return;
    const name = (device: string | undefined): string => wiring.devices[device ?? '']?.label ?? 'a device';
    const own = found.links.flatMap(id => (links?.[id] ? [[id, links[id]] as const] : []));
    if (found.howls.value === true) {
      for (const [id, link] of own) {
        yield* insertInto(id, link, ({ strips }) => strips === true, { kinds, shelf, wiring });
      }
    }
    for (const [id, { from, to }] of own) {
      yield fix(`Unplug ${name(from.device)} from ${name(to.device)}`, inPlan().drop('links', id), 'unplug');
    }
    for (const [id, { from, to }] of own) {
      yield fix(
        `${name(from.device)} is meant to lead back into ${name(to.device)}`,
        inPlan().put('links', id, 'back', true),
        'meant',
      );
    }
  },
});
