/** Edits that give people what they lack: a screen for whoever mixes, beltpacks for operators. */
import type { Kind } from '../../documents/index.js';
import { idFrom, inOrder, type Fix, type Operation } from '../../foundations/index.js';
import { freeItems } from '../equipment.js';
import { adding, named, offersOf, type Stock } from './offers.js';

/** Wide enough for several pictures, and no wider than a desk has room for. */
const isDeskScreen = ({ family, screenWidth = 0 }: Kind): boolean =>
  family === 'screen' && screenWidth >= 0.3 && screenWidth <= 0.8;

/** Puts a screen at each free output of a switcher that can give a multiview. */
export function* screenAt(switcher: string, seed: string, stock: Stock): Generator<Fix> {
  const { shelf, wiring } = stock;
  const carrier = wiring.devices[switcher]?.place?.inside ?? switcher;
  const free = wiring
    .freePorts(switcher, ({ gives }) => gives?.includes('multiview') === true)
    .sort(([, a], [, b]) => Number(b.gives?.[0] === 'multiview') - Number(a.gives?.[0] === 'multiview'));
  for (const [port, { connector, label }] of free) {
    for (const offer of offersOf(isDeskScreen, stock)) {
      const input = inOrder(offer.of.ports).find(
        ([, each]) => each.carries === 'video' && each.direction === 'in' && each.connector === connector,
      )?.[0];
      if (input === undefined) continue;
      const device = idFrom(`${seed}/${switcher}/${offer.kind}`);
      const order = `${wiring.devices[switcher]?.order ?? '0'}b`;
      yield {
        way: 'screen',
        label: `Put ${named(offer, shelf)} at ${label}, with the multiview`,
        changes: [
          {
            document: 'plan',
            patch: [
              ...adding(offer, device, order, carrier, { viewers: ['mixer'] }, wiring),
              ...(wiring.devices[switcher]?.buses
                ? []
                : [{ op: 'add' as const, path: `/devices/${switcher}/buses`, value: {} }]),
              { op: 'add', path: `/devices/${switcher}/buses/${port}`, value: { bus: 'multiview' } },
              {
                op: 'add',
                path: `/links/${idFrom(`${device}/${port}`)}`,
                value: { from: { device: switcher, port }, to: { device, port: input } },
              },
            ],
          },
        ],
      };
    }
  }
}

/** Gives a base to whoever mixes, and a beltpack to the operator of each of some cameras. */
export function* beltpacks(
  cameras: readonly string[],
  desk: string,
  seed: string,
  stock: Stock,
): Generator<Fix> {
  const { kinds, shelf, wiring } = stock;
  const isPack = (kind: Kind): boolean =>
    kind.family === 'talkback' &&
    Object.values(kind.ports ?? {}).some(
      ({ connector, direction }) => connector === 'air' && direction === 'in',
    );
  const isBase = (kind: Kind): boolean =>
    kind.family === 'talkback' &&
    Object.values(kind.ports ?? {}).some(
      ({ connector, direction }) => connector === 'air' && direction === 'out',
    );
  const air = (kind: Kind, direction: 'in' | 'out'): string =>
    inOrder(kind.ports).find(([, port]) => port.connector === 'air' && port.direction === direction)?.[0] ??
    '';
  const [pack] = inOrder(kinds.kinds).filter(([, kind]) => isPack(kind));
  const [base] = offersOf(isBase, stock);
  if (!pack || !base) return;
  const known = inOrder(wiring.devices).find(([id]) => isBase(wiring.kindOf(id) ?? pack[1]))?.[0];
  const main = known ?? idFrom(`${seed}/base`);
  const items = freeItems(shelf, pack[0], wiring.devices);
  const patch = cameras.flatMap((camera, i): Operation[] => {
    const device = idFrom(`${seed}/${camera}`);
    const offer = { kind: pack[0], of: pack[1], item: items[i] };
    const order = `${wiring.devices[camera]?.order ?? '0'}b`;
    return [
      ...adding(
        offer,
        device,
        order,
        camera,
        { label: `${wiring.devices[camera]?.label ?? ''} beltpack`.slice(0, 40) },
        wiring,
      ),
      {
        op: 'add',
        path: `/links/${idFrom(`${device}/air`)}`,
        value: {
          from: { device: main, port: air(base.of, 'out') },
          to: { device, port: air(pack[1], 'in') },
        },
      },
    ];
  });
  yield {
    label: `Give a beltpack to each: ${cameras.length} wanted, ${Math.min(items.length, cameras.length)} on the shelf`,
    changes: [
      {
        document: 'plan',
        patch: [
          ...(known === undefined
            ? adding(
                base,
                main,
                `${wiring.devices[desk]?.order ?? '0'}b`,
                wiring.devices[desk]?.place?.inside ?? desk,
                {},
                wiring,
              )
            : []),
          ...patch,
        ],
      },
    ],
  };
}
