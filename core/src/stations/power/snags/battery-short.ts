import { inOrder, numberOf, severityOf } from '../../../foundations/index.js';
import { feedFromOutlets } from '../feed-fixes.js';
import { powerRule, type PowerReads } from '../result.js';
import { fix, inPlan } from '../../../edits.js';

/** A battery that ends before the event does, or barely after. */
export const batteryShort = powerRule({
  rule: 'power.battery-short',
  reads: ({ own, signal }) => ({ batteries: own.batteries, wiring: signal.wiring }),
  *find({ batteries, wiring }) {
    for (const [id, { ends, margin }] of Object.entries(batteries)) {
      const severity = severityOf(margin);
      if (severity === undefined) continue;
      const isInner = wiring.kindOf(id)?.battery === undefined;
      const device = wiring.devices[id]?.label ?? 'A battery';
      const label = isInner ? `The battery inside ${device}` : device;
      const minutes = Math.round(Math.abs(numberOf(margin) ?? 0));
      yield {
        severity,
        subjects: [id],
        title:
          severity === 'stop'
            ? `${label} is empty ${minutes} min before the end.`
            : `${label} has only ${minutes} min to spare at the end.`,
        because: [ends, margin],
        advice: isInner
          ? 'Charge it while it runs, or feed it from a socket or a larger battery.'
          : 'Carry a second one and swap it in a break; keep terminals covered.',
      };
    }
  },
  *fixes(snag, seen) {
    const id = snag.subjects[0] ?? '';
    const { wiring } = seen.signal;
    if (wiring.kindOf(id)?.battery === undefined) {
      yield* feedFromOutlets(seen, id, snag.id);
      return;
    }
    const used = new Set(Object.values(wiring.devices).map(device => device.item));
    const bigger = inOrder(seen.shelf.items)
      .filter(([item, { kind, state }]) => {
        const port = Object.values(seen.kinds.kinds[kind]?.ports ?? {})[0];
        const own = Object.values(wiring.kindOf(id)?.ports ?? {})[0];
        return (
          seen.kinds.kinds[kind]?.battery &&
          state === 'ready' &&
          !used.has(item) &&
          port?.connector === own?.connector
        );
      })
      .sort(([, a], [, b]) => wattHours(seen, a.kind) - wattHours(seen, b.kind));
    const ports = JSON.stringify(Object.keys(wiring.kindOf(id)?.ports ?? {}));
    for (const [item, { kind, tape }] of bigger) {
      if (JSON.stringify(Object.keys(seen.kinds.kinds[kind]?.ports ?? {})) !== ports) continue;
      yield fix(
        `Use ${tape}, ${Math.round(wattHours(seen, kind))} Wh`,
        inPlan().put('devices', id, 'item', item).put('devices', id, 'kind', kind),
      );
    }
    for (const [, link] of wiring.outOf(id)) {
      if (link.to.device !== undefined) yield* feedFromOutlets(seen, link.to.device, snag.id);
    }
  },
});

function wattHours({ kinds }: PowerReads, kind: string): number {
  const battery = kinds.kinds[kind]?.battery;
  return battery ? battery.volts * battery.ampHours : 0;
}
