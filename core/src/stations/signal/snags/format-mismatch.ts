import { entriesWhere, settingOf, severityOf } from '../../../foundations/index.js';
import { freeVideoPorts } from '../connect.js';
import { cutsWindows } from '../functions.js';
import { insertInto } from '../insert.js';
import { signalRule } from '../result.js';
import { fix, inPlan } from '../../../edits.js';

/** A picture of a size or rate that the input at the end of its lead does not take. */
export const formatMismatch = signalRule({
  rule: 'signal.format-mismatch',
  reads: ({ own, links, rules }) => ({
    formats: own.formats,
    wiring: own.wiring,
    links,
    house: rules.format,
  }),
  *find({ formats, wiring, links, house }) {
    const name = (device: string | undefined): string => wiring.devices[device ?? '']?.label ?? 'a device';
    for (const [id, { format, taken }] of entriesWhere(
      formats,
      each => severityOf(each.taken) !== undefined,
    )) {
      const [link, severity] = [links?.[id], severityOf(taken)];
      if (!link || severity === undefined) continue;
      const { from, to } = link;
      const own = wiring.devices[to.device ?? '']?.format ?? house;
      yield {
        severity,
        subjects: [id, from.device ?? '', to.device ?? ''],
        title: `${name(from.device)} gives ${String(format.value)} and ${wiring.portOf(to)?.label ?? 'its input'} of ${name(to.device)} does not take it: ${String(taken.value)}.`,
        because: [format, taken],
        advice: `Set it to ${settingOf(own)}, or put a scaler or frame-rate converter into the lead.`,
      };
    }
  },
  *fixes(snag, { own: { wiring }, links, kinds, shelf, rules }) {
    const [id = '', source = '', sink = ''] = snag.subjects;
    const link = links?.[id];
    if (!link) return;
    const own = wiring.devices[sink]?.format ?? rules.format;
    const can = wiring.portOf(link.from)?.formats ?? [own];
    const label = wiring.devices[source]?.label ?? 'the source';
    if (can.includes(own)) {
      yield fix(`Set ${label} to ${own}`, inPlan().put('devices', source, 'format', own));
    }
    const connector = wiring.portOf(link.to)?.connector;
    for (const [port, free] of freeVideoPorts(wiring, sink, 'in')) {
      if (!free.scaled || free.connector !== connector) continue;
      yield fix(
        `Plug it into ${free.label}, which has a scaler`,
        inPlan().put('links', id, 'to', 'port', port),
        'input',
      );
    }
    const scaler = (kind: (typeof kinds.kinds)[string]): boolean =>
      kind.family === 'converter' &&
      !cutsWindows(kind) &&
      Object.values(kind.ports ?? {}).some(port => port.direction === 'in' && port.scaled);
    yield* insertInto(id, link, scaler, { kinds, shelf, wiring }, { format: own });
  },
});
