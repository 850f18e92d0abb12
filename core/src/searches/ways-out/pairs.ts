/** Ways out over a pair of things: the two ends of an extender, or a converter and back. */
import type { Assessment } from '../../assess.js';
import type { Bundle, Kind, Link, Port } from '../../documents/index.js';
import { idFrom, inOrder } from '../../foundations/index.js';
import { carriedBy } from '../../stations/equipment.js';
import { OwnedLeads } from '../../stations/signal/lead-ends.js';
import { adding, offersOf, type Offer, type Stock } from '../../stations/signal/offers.js';
import { clashOf } from '../../stations/signal/port-fit.js';
import type { Draft } from './draft.js';

interface Pair {
  readonly near: Offer;
  readonly far: Offer;
  readonly input: string;
  readonly output: string;
  /** Ports that are joined to each other, near to far. */
  readonly joints: readonly (readonly [string, string])[];
}

/** Extenders of one pair, and two converters with something else between, at both ends of the lead. */
export function throughPairs(id: string, link: Link, bundle: Bundle, { signal }: Assessment): Draft[] {
  const { wiring } = signal;
  const [out, into] = [wiring.portOf(link.from), wiring.portOf(link.to)];
  const source = link.from.device;
  if (!out || !into || source === undefined || out.carries !== 'video') return [];
  const stock: Stock = { kinds: bundle.kinds, shelf: bundle.shelf, wiring };
  const sink = link.to.device ?? source;
  const carrierOf = (device: string): string => carriedBy(wiring.devices[device]?.place) ?? device;
  return pairsBetween(out, into, stock).map(({ near, far, input, output, joints }): Draft => {
    const key = `${near.kind}/${far.kind}`;
    const [first, second] = [idFrom(`${id}/${key}/near`), idFrom(`${id}/${key}/far`)];
    const order = `${wiring.devices[source]?.order ?? '0'}c`;
    const edit = adding(near, first, order, source, {}, wiring)
      .and(adding(far, second, order, carrierOf(sink), {}, wiring))
      .each(joints.entries(), (each, [i, [a, b]]) =>
        each.put('links', idFrom(`${id}/${key}/${i}`), {
          from: { device: first, port: a },
          to: { device: second, port: b },
        }),
      )
      .put('links', idFrom(`${id}/${key}/on`), {
        from: { device: second, port: output },
        to: { ...link.to },
      })
      .put('links', id, { from: { ...link.from }, to: { device: first, port: input } });
    return {
      id: key,
      sort: near.of.family === 'converter' ? 'converters' : 'extender',
      label: near.of.family === 'converter' ? `${near.of.label}, and back` : pairName(near.of),
      changes: [edit.change],
    };
  });
}

/** Small and full-size HDMI differ by an adapter only, which is a snag of its own where it is missing. */
const areHdmi = (a: Port, b: Port): boolean =>
  a.connector.startsWith('HDMI') && b.connector.startsWith('HDMI');

/** `Twisted-pair extender` of `Twisted-pair extender, sending end`. */
const pairName = ({ label }: Kind): string => label.replace(/, (sending|receiving) end.*$/, '');

function pairsBetween(out: Port, into: Port, stock: Stock): Pair[] {
  const leads = new OwnedLeads(stock);
  const fits = (from: Port, to: Port): boolean => !clashOf(from, to, leads) || areHdmi(from, to);
  const videoPorts = ({ of }: Offer) => inOrder(of.ports).filter(([, { carries }]) => carries === 'video');
  const ends = offersOf(
    ({ family }) => family === 'extender' || family === 'wireless link' || family === 'converter',
    stock,
  );
  return ends.flatMap(near => {
    const input = videoPorts(near).find(([, port]) => port.direction === 'in' && fits(out, port))?.[0];
    if (input === undefined) return [];
    return ends.flatMap((far): Pair[] => {
      const output = videoPorts(far).find(
        ([, port]) => port.direction === 'out' && !clashOf(port, into, leads),
      )?.[0];
      if (output === undefined || far === near) return [];
      const outs = videoPorts(near).filter(([, port]) => port.direction === 'out');
      const ins = videoPorts(far).filter(([, port]) => port.direction === 'in');
      const paired = near.of.pair === far.kind;
      const plain =
        near.of.family === 'converter' &&
        far.of.family === 'converter' &&
        outs.length === 1 &&
        ins.length === 1;
      if (!paired && !plain) return [];
      if (
        outs.length !== ins.length ||
        outs.some(([, { connector }], i) => connector !== ins[i]?.[1].connector)
      )
        return [];
      // Two converters that leave the connector as it was carry no farther.
      if (plain && outs[0]?.[1].connector === out.connector) return [];
      return [
        { near, far, input, output, joints: outs.map(([port], i) => [port, ins[i]?.[0] ?? ''] as const) },
      ];
    });
  });
}
