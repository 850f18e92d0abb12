import { inOrder, numberOf, severityOf } from '../../../foundations/index.js';
import { feedFromOutlets } from '../feed-fixes.js';
import { canChangeAt, changingOf } from '../battery/changing.js';
import { powerRule, type PowerReads, type PowerSeen } from '../result.js';
import { changingReads } from './battery-change.js';
import { fix, inPlan } from '../../../edits.js';
import { isReady } from '../../ready.js';

/** A battery that ends before the event does, or barely after. */
export const batteryShort = powerRule({
  rule: 'power.battery-short',
  reads: ({ own, signal }) => ({ batteries: own.batteries, wiring: signal.wiring }),
  *find({ batteries, wiring }) {
    for (const [id, { ends, margin, gap }] of Object.entries(batteries)) {
      const late = gap && numberOf(gap);
      if (gap && late !== undefined && severityOf(gap)) {
        yield {
          severity: 'stop',
          subjects: [id],
          title: `${wiring.devices[id]?.label ?? 'A battery'} is empty ${Math.ceil(late)} min before it is changed.`,
          because: [ends, gap],
          advice: 'Change it earlier: plan the batteries again, with what was read.',
        };
        continue;
      }
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
    if (seen.own.batteries[id]?.gap) {
      yield* changeEarlier(id, seen);
      return;
    }
    if (wiring.kindOf(id)?.battery === undefined) {
      yield* feedFromOutlets(seen, id, snag.id);
      return;
    }
    const used = new Set(Object.values(wiring.devices).map(device => device.item));
    const bigger = inOrder(seen.shelf.items)
      .filter(([item, own]) => {
        const { kind } = own;
        const port = Object.values(seen.kinds.kinds[kind]?.ports ?? {})[0];
        const there = Object.values(wiring.kindOf(id)?.ports ?? {})[0];
        return (
          seen.kinds.kinds[kind]?.battery &&
          isReady(own) &&
          !used.has(item) &&
          port?.connector === there?.connector
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

/** Its change at the last moment before it is empty at which nothing is missed. */
function* changeEarlier(id: string, seen: PowerSeen) {
  const { own, batteryChanges } = seen;
  const services = own.services[id] ?? [];
  const short = services.findIndex(({ empty }) => empty !== undefined);
  const { from = -Infinity, empty = 0 } = services[short] ?? {};
  const next = services[short + 1]?.change;
  if (next === undefined || batteryChanges?.[next]?.done !== undefined) return;
  const changing = changingOf(id, changingReads(seen));
  const latest = Math.floor(empty);
  const moments = [latest, ...own.timeline.flatMap(({ from: begins, to }) => [begins, to])]
    .filter(at => at <= latest && at > from && canChangeAt(changing, own.timeline, at))
    .sort((a, b) => b - a);
  const [at] = moments;
  if (at !== undefined)
    yield fix(
      at === 0
        ? 'Change it at the start'
        : `Change it ${Math.abs(at)} min ${at < 0 ? 'before' : 'after'} the start`,
      inPlan().put('batteryChanges', next, 'after', at),
    );
}

function wattHours({ kinds }: PowerReads, kind: string): number {
  const battery = kinds.kinds[kind]?.battery;
  return battery ? battery.volts * battery.ampHours : 0;
}
