import { inOrder, numberOf, type Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import { feedFromOutlets } from '../feeds.js';
import type { PowerReads, PowerResult } from '../index.js';

/** Minutes of margin below which a battery is a risk. */
const THIN = 15;

/** A battery that ends before the event does, or barely after. */
export const batteryShort: Rule<Seen<PowerReads, PowerResult>> = {
  rule: 'power.battery-short',
  station: 'power',
  find: ({ own, signal }) =>
    Object.entries(own.batteries).flatMap(([id, life]) => {
      const margin = numberOf(life.margin);
      if (margin === undefined || margin >= THIN) return [];
      const label = signal.wiring.devices[id]?.label ?? 'A battery';
      return [
        {
          severity: margin < 0 ? 'stop' : 'risk',
          subjects: [id],
          title:
            margin < 0
              ? `${label} is empty ${Math.round(-margin)} min before the end.`
              : `${label} has only ${Math.round(margin)} min to spare at the end.`,
          because: [`power.batteries.${id}.ends`, `power.batteries.${id}.margin`],
          advice: 'Carry a second one and swap it in a break; keep terminals covered.',
        },
      ];
    }),
  *fixes(snag, seen) {
    const id = snag.subjects[0] ?? '';
    const { wiring } = seen.signal;
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
      yield {
        label: `Use ${tape}, ${Math.round(wattHours(seen, kind))} Wh`,
        changes: [
          {
            document: 'plan',
            patch: [
              { op: 'add', path: `/devices/${id}/item`, value: item },
              { op: 'replace', path: `/devices/${id}/kind`, value: kind },
            ],
          },
        ],
      };
    }
    for (const [, link] of wiring.outOf(id)) {
      if (link.to.device !== undefined) yield* feedFromOutlets(seen, link.to.device, snag.id);
    }
  },
};

function wattHours({ kinds }: PowerReads, kind: string): number {
  const battery = kinds.kinds[kind]?.battery;
  return battery ? battery.volts * battery.ampHours : 0;
}
