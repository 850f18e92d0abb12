/** Edits that give people what they lack: a screen for whoever mixes, beltpacks for operators. */
import type { Kind } from '../../documents/index.js';
import { idFrom, inOrder, type Fix } from '../../foundations/index.js';
import { freeItems } from '../equipment.js';
import { adding, named, offersOf, type Stock } from './offers.js';
import { fix, inPlan } from '../../edits.js';

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
      yield fix(
        `Put ${named(offer, shelf)} at ${label}, with the multiview`,
        inPlan({ devices: wiring.devices })
          .and(adding(offer, device, order, carrier, { viewers: ['mixer'] }, wiring))
          .put('devices', switcher, 'buses', port, { bus: 'multiview' })
          .put('links', idFrom(`${device}/${port}`), {
            from: { device: switcher, port },
            to: { device, port: input },
          }),
        'screen',
      );
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
  const near = wiring.devices[desk]?.place?.inside ?? desk;
  const edit =
    known === undefined
      ? adding(base, main, `${wiring.devices[desk]?.order ?? '0'}b`, near, {}, wiring)
      : inPlan();
  for (const [i, camera] of cameras.entries()) {
    const device = idFrom(`${seed}/${camera}`);
    const offer = { kind: pack[0], of: pack[1], item: items[i] };
    const order = `${wiring.devices[camera]?.order ?? '0'}b`;
    const label = `${wiring.devices[camera]?.label ?? ''} beltpack`.slice(0, 40);
    edit.and(adding(offer, device, order, camera, { label }, wiring)).put('links', idFrom(`${device}/air`), {
      from: { device: main, port: air(base.of, 'out') },
      to: { device, port: air(pack[1], 'in') },
    });
  }
  const shelved = Math.min(items.length, cameras.length);
  yield fix(`Give a beltpack to each: ${cameras.length} wanted, ${shelved} on the shelf`, edit);
}
