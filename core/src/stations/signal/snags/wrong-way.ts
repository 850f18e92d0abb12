import type { Link } from '../../../documents/index.js';
import { entriesWhere, inOrder, severityOf, type Fix } from '../../../foundations/index.js';
import { freeVideoPorts } from '../connect.js';
import { signalRule, type SignalSeen } from '../result.js';
import { fix, inPlan } from '../../../edits.js';

/** A lead between two outputs or two inputs, such as one to a converter that faces the wrong way. */
export const wrongWay = signalRule({
  rule: 'signal.wrong-way',
  reads: ({ own, links }) => ({ results: own.links, wiring: own.wiring, links }),
  *find({ results, wiring, links }) {
    const name = (end: Link['from']): string =>
      `${wiring.portOf(end)?.label ?? 'a port'} of ${wiring.devices[end.device ?? '']?.label ?? 'a device'}`;
    for (const [id, { faces }] of entriesWhere(results, each => severityOf(each.faces) !== undefined)) {
      const [link, severity] = [links?.[id], severityOf(faces)];
      if (!link || severity === undefined) continue;
      yield {
        severity,
        subjects: [id, link.from.device ?? '', link.to.device ?? ''],
        title: `${name(link.from)} and ${name(link.to)} do not go together: ${String(faces.value)}.`,
        because: [faces],
        advice:
          'Turn the converter round or take the one for the other direction, and plug outputs into inputs.',
      };
    }
  },
  *fixes(snag, seen) {
    const [id = ''] = snag.subjects;
    const link = seen.links?.[id];
    const { wiring } = seen.own;
    const [from, to] = [link && wiring.portOf(link.from), link && wiring.portOf(link.to)];
    if (!link || !from || !to) return;
    for (const device of [link.to.device, link.from.device]) {
      if (device !== undefined) yield* mirrored(device, seen);
    }
    if (to.direction === 'out') {
      for (const [port, { label, connector }] of freeVideoPorts(wiring, link.to.device ?? '', 'in')) {
        if (connector !== from.connector) continue;
        yield fix(`Plug it into ${label} instead`, inPlan().put('links', id, 'to', 'port', port), 'port');
      }
    }
    if (from.direction === 'in' && to.direction === 'out') {
      yield fix(
        'Turn the lead round',
        inPlan()
          .put('links', id, 'from', { ...link.to })
          .put('links', id, 'to', { ...link.from }),
      );
    }
    yield fix('Unplug this link', inPlan().drop('links', id));
  },
});

/** Takes the converter for the other direction, where there is one, and leaves both plugs as they are. */
function* mirrored(device: string, { own: { wiring }, kinds }: SignalSeen): Generator<Fix> {
  const kind = wiring.kindOf(device);
  if (kind?.family !== 'converter' && kind?.family !== 'extender') return;
  const ports = Object.entries(kind.ports ?? {}).filter(([, { carries }]) => carries === 'video');
  for (const [other, of] of inOrder(kinds.kinds)) {
    if (of.family !== kind.family || other === wiring.devices[device]?.kind) continue;
    const twins = ports.map(([port, { connector, direction }]) => {
      const twin = inOrder(of.ports).find(
        ([, each]) =>
          each.carries === 'video' && each.connector === connector && each.direction !== direction,
      );
      return twin && ([port, twin[0]] as const);
    });
    if (twins.some(twin => twin === undefined)) continue;
    const renamed = new Map(twins.flatMap(twin => (twin ? [twin] : [])));
    const edit = inPlan().put('devices', device, 'kind', other);
    if (wiring.devices[device]?.item !== undefined) edit.drop('devices', device, 'item');
    for (const [link, { from, to }] of [...wiring.into(device), ...wiring.outOf(device)]) {
      for (const [side, end] of [['from', from] as const, ['to', to] as const]) {
        const port = end.device === device ? renamed.get(end.port ?? '') : undefined;
        if (port !== undefined) edit.put('links', link, side, 'port', port);
      }
    }
    yield fix(`Take “${of.label}” in its place`, edit, 'mirror');
  }
}
