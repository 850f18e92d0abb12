/** The edit that puts a device of the shelf into a lead: a converter, or what strips talkback. */
import type { End, Kind, Kinds, Link, Shelf } from '../../documents/index.js';
import { idFrom, inOrder, type Fix, type Json } from '../../foundations/index.js';
import { freeItem } from '../equipment.js';
import type { PlanWiring } from './index.js';

/** The first outlet for a mains plug that is free among devices in the same case. */
function freeOutlet(wiring: PlanWiring, carrier: string): End | undefined {
  for (const [device, { place }] of inOrder(wiring.devices)) {
    if (place?.inside !== carrier) continue;
    const used = new Set(wiring.outOf(device).map(([, link]) => link.from.port));
    const free = inOrder(wiring.kindOf(device)?.ports).find(
      ([port, { carries, direction, connector }]) =>
        carries === 'power' && direction === 'out' && connector === 'mains' && !used.has(port),
    );
    if (free) return { device, port: free[0] };
  }
  return undefined;
}

/** Puts each fitting kind into a link, those that are owned first; what needs mains is plugged in beside it. */
export function* insertInto(
  id: string,
  link: Link,
  fits: (kind: Kind) => boolean,
  { kinds, shelf, wiring }: { readonly kinds: Kinds; readonly shelf: Shelf; readonly wiring: PlanWiring },
  settings: Readonly<Record<string, Json>> = {},
): Generator<Fix> {
  const [out, into] = [wiring.portOf(link.from), wiring.portOf(link.to)];
  const source = link.from.device;
  if (!out || !into || source === undefined) return;
  const sink = link.to.device ?? source;
  const carrier = wiring.devices[sink]?.place?.inside ?? sink;
  const outlet = freeOutlet(wiring, carrier);
  const offers = inOrder(kinds.kinds)
    .flatMap(([kind, of]) => {
      if (!fits(of)) return [];
      const ports = inOrder(of.ports).filter(([, port]) => port.carries === 'video');
      const input = ports.find(([, port]) => port.direction === 'in' && port.connector === out.connector);
      const output = ports.find(([, port]) => port.direction === 'out' && port.connector === into.connector);
      return input && output
        ? [{ kind, of, input: input[0], output: output[0], item: freeItem(shelf, kind, wiring.devices) }]
        : [];
    })
    .sort((a, b) => Number(a.item === undefined) - Number(b.item === undefined));
  for (const { kind, of, input, output, item } of offers) {
    const device = idFrom(`${id}/${kind}`);
    const plug = inOrder(of.ports).find(
      ([, port]) => port.carries === 'power' && port.direction === 'in' && port.connector === 'mains',
    )?.[0];
    const end = (each: End): Json => ({ ...each });
    yield {
      way: 'insert',
      label: `Put “${of.label}”${item === undefined ? ' (not owned)' : ` ${shelf.items[item]?.tape ?? ''}`} into the lead`,
      changes: [
        {
          document: 'plan',
          patch: [
            {
              op: 'add',
              path: `/devices/${device}`,
              value: {
                order: `${wiring.devices[source]?.order ?? '0'}b`.slice(0, 8),
                label: of.label.slice(0, 40),
                kind,
                ...(item === undefined ? {} : { item }),
                ...settings,
                place: { inside: carrier },
              },
            },
            { op: 'replace', path: `/links/${id}/to`, value: { device, port: input } },
            {
              op: 'add',
              path: `/links/${idFrom(`${id}/${kind}/on`)}`,
              value: { from: { device, port: output }, to: end(link.to) },
            },
            ...(plug === undefined || !outlet
              ? []
              : [
                  {
                    op: 'add' as const,
                    path: `/links/${idFrom(`${id}/${kind}/fed`)}`,
                    value: { from: end(outlet), to: { device, port: plug } },
                  },
                ]),
          ],
        },
      ],
    };
  }
}
