import { entriesWhere, settingOf, type Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import { freeVideoPorts } from '../connect.js';
import { insertInto } from '../insert.js';
import type { SignalReads, SignalResult } from '../index.js';

/** A picture of a size or rate that the input at the end of its lead does not take. */
export const formatMismatch: Rule<Seen<SignalReads, SignalResult>> = {
  rule: 'signal.format-mismatch',
  station: 'signal',
  find: ({ own: { formats, wiring }, links, rules }) =>
    entriesWhere(formats, ({ taken }) => taken.value !== null && taken.value !== 'yes').flatMap(
      ([id, { format, taken }]) => {
        const link = links?.[id];
        if (!link) return [];
        const own = wiring.devices[link.to.device ?? '']?.format ?? rules.format;
        const name = (device: string | undefined): string =>
          wiring.devices[device ?? '']?.label ?? 'a device';
        return [
          {
            severity: 'stop' as const,
            subjects: [id, link.from.device ?? '', link.to.device ?? ''],
            title: `${name(link.from.device)} gives ${String(format.value)} and ${wiring.portOf(link.to)?.label ?? 'its input'} of ${name(link.to.device)} does not take it: ${String(taken.value)}.`,
            because: [`signal.formats.${id}.format`, `signal.formats.${id}.taken`],
            advice: `Set it to ${settingOf(own)}, or put a scaler or frame-rate converter into the lead.`,
          },
        ];
      },
    ),
  *fixes(snag, { own: { wiring }, links, kinds, shelf, rules }) {
    const [id = '', source = '', sink = ''] = snag.subjects;
    const link = links?.[id];
    if (!link) return;
    const own = wiring.devices[sink]?.format ?? rules.format;
    const can = wiring.portOf(link.from)?.formats ?? [own];
    const label = wiring.devices[source]?.label ?? 'the source';
    if (can.includes(own)) {
      yield {
        label: `Set ${label} to ${own}`,
        changes: [
          { document: 'plan', patch: [{ op: 'add', path: `/devices/${source}/format`, value: own }] },
        ],
      };
    }
    const connector = wiring.portOf(link.to)?.connector;
    for (const [port, free] of freeVideoPorts(wiring, sink, 'in')) {
      if (!free.scaled || free.connector !== connector) continue;
      yield {
        way: 'input',
        label: `Plug it into ${free.label}, which has a scaler`,
        changes: [
          { document: 'plan', patch: [{ op: 'replace', path: `/links/${id}/to/port`, value: port }] },
        ],
      };
    }
    const scaler = ({ family, ports }: (typeof kinds.kinds)[string]): boolean =>
      family === 'converter' &&
      Object.values(ports ?? {}).some(port => port.direction === 'in' && port.scaled);
    yield* insertInto(id, link, scaler, { kinds, shelf, wiring }, { format: own });
  },
};
