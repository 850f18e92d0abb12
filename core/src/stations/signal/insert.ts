/** Edits that put a device of the shelf into a lead, behind an output, or before a full switcher. */
import type { Device, Kind, Link } from '../../documents/index.js';
import { idFrom, inOrder, type Fix } from '../../foundations/index.js';
import { OwnedLeads } from './lead-ends.js';
import { adding, named, offersOf, type Stock } from './offers.js';
import { clashOf } from './port-fit.js';
import type { Lead } from './switching.js';
import { fix } from '../../edits.js';

/** Puts each fitting kind into a link, those that are owned first; what needs mains is plugged in beside it. */
export function* insertInto(
  id: string,
  link: Link,
  fits: (kind: Kind) => boolean,
  stock: Stock,
  settings: Partial<Device> = {},
): Generator<Fix> {
  const { shelf, wiring } = stock;
  const [out, into] = [wiring.portOf(link.from), wiring.portOf(link.to)];
  const source = link.from.device;
  if (!out || !into || source === undefined) return;
  const sink = link.to.device ?? source;
  const carrier = wiring.devices[sink]?.place?.inside ?? sink;
  const leads = new OwnedLeads(stock);
  for (const offer of offersOf(fits, stock)) {
    const ports = inOrder(offer.of.ports).filter(([, port]) => port.carries === 'video');
    const input = ports.find(([, port]) => port.direction === 'in' && !clashOf(out, port, leads))?.[0];
    const output = ports.find(([, port]) => port.direction === 'out' && !clashOf(port, into, leads))?.[0];
    if (input === undefined || output === undefined) continue;
    const device = idFrom(`${id}/${offer.kind}`);
    const order = `${wiring.devices[source]?.order ?? '0'}b`;
    yield fix(
      `Put ${named(offer, shelf)} into the lead`,
      adding(offer, device, order, carrier, settings, wiring)
        .put('links', id, 'to', { device, port: input })
        .put('links', idFrom(`${id}/${offer.kind}/on`), {
          from: { device, port: output },
          to: { ...link.to },
        }),
      'insert',
    );
  }
}

/**
 * Puts a smaller switcher before a full one: a source that is plugged in already and the new one go into it, and it
 * takes the input of the first.
 */
export function* subSwitch(source: string, switcher: string, stock: Stock): Generator<Fix> {
  const { shelf, wiring } = stock;
  const out = inOrder(wiring.kindOf(source)?.ports).find(
    ([, { carries, direction }]) => carries === 'video' && direction === 'out',
  );
  const carrier = wiring.devices[switcher]?.place?.inside ?? switcher;
  // The last input gives way: the first ones are where hands look for the main cameras.
  const leads = wiring.into(switcher).filter(([, { to }]) => wiring.portOf(to)?.carries === 'video');
  const lead = leads.at(-1);
  const into = lead && wiring.portOf(lead[1].to);
  if (!out || !lead || !into) return;
  for (const offer of offersOf(({ family, inside }) => family === 'switcher' && inside?.mixes === 1, stock)) {
    const ports = inOrder(offer.of.ports).filter(([, { carries }]) => carries === 'video');
    const inputs = ports.filter(
      ([, { direction, connector }]) => direction === 'in' && connector === out[1].connector,
    );
    const output = ports.find(
      ([, { direction, connector }]) => direction === 'out' && connector === into.connector,
    );
    const [first, second] = inputs;
    if (!first || !second || !output || wiring.portOf(lead[1].from)?.connector !== first[1].connector)
      continue;
    const device = idFrom(`${source}/${switcher}/${offer.kind}`);
    const before = wiring.devices[lead[1].from.device ?? '']?.label ?? 'another source';
    yield fix(
      `Put ${named(offer, shelf)} before ${into.label}, for this and ${before}`,
      adding(offer, device, `${wiring.devices[switcher]?.order ?? '0'}b`, carrier, {}, wiring)
        .put('links', lead[0], 'to', { device, port: first[0] })
        .put('links', idFrom(`${device}/second`), {
          from: { device: source, port: out[0] },
          to: { device, port: second[0] },
        })
        .put('links', idFrom(`${device}/on`), { from: { device, port: output[0] }, to: { ...lead[1].to } }),
      'sub-switcher',
    );
  }
}

/** Puts a splitter behind an output from which two leads go. */
export function* splitAfter(leads: readonly [Lead, Lead], stock: Stock): Generator<Fix> {
  const { shelf, wiring } = stock;
  const [[, { from }]] = leads;
  const connector = wiring.portOf(from)?.connector;
  const source = from.device;
  if (source === undefined) return;
  const carrier = wiring.devices[source]?.place?.inside ?? source;
  for (const offer of offersOf(({ family }) => family === 'splitter', stock)) {
    const ports = inOrder(offer.of.ports).filter(
      ([, port]) => port.carries === 'video' && port.connector === connector,
    );
    const input = ports.find(([, { direction }]) => direction === 'in');
    const outputs = ports.filter(([, { direction }]) => direction === 'out');
    if (!input || outputs.length < leads.length) continue;
    const device = idFrom(`${leads[0][0]}/${offer.kind}`);
    const order = `${wiring.devices[source]?.order ?? '0'}b`;
    const edit = adding(offer, device, order, carrier, {}, wiring)
      .each(leads.entries(), (each, [i, [id]]) =>
        each.put('links', id, 'from', { device, port: outputs[i]?.[0] ?? '' }),
      )
      .put('links', idFrom(`${device}/in`), { from: { ...from }, to: { device, port: input[0] } });
    yield fix(`Put ${named(offer, shelf)} behind it`, edit, 'splitter');
  }
}
