/** Views: what everybody who takes part must see, and whether some screen shows it to them. */
import type { Viewer } from '../../documents/index.js';
import {
  calc,
  constant,
  found,
  given,
  inOrder,
  taken,
  unknown,
  type Figure,
} from '../../foundations/index.js';
import { workedByHand } from '../equipment.js';
import type { Aboard } from './camera-lines.js';
import type { Counts } from './countables.js';
import type { PlanWiring } from './index.js';
import { busOf, feedsOf, leadFromMaker, onwards } from './switching.js';

export interface View {
  readonly viewer: Viewer;
  /** Who it is, in words. */
  readonly label: string;
  /** The device that it is about: the switcher that is worked, or the camera. */
  readonly device: string | undefined;
  /** What they see, and where; null where nobody has thought of it. */
  readonly sees: Figure;
  /** Width of one picture of a multiview on its screen, m. */
  readonly tile?: Figure;
}

/** The bus that comes to a device: that of the switcher output from which its picture comes. */
function busInto(wiring: PlanWiring, id: string): string | undefined {
  const { device, port = '' } = leadFromMaker(wiring, id)?.[1].from ?? {};
  return device === undefined ? undefined : (busOf(wiring, device, port) ?? 'one source');
}

/** Views that the design asks for, keyed by who must have them. */
export function viewsOf(
  wiring: PlanWiring,
  countables: Readonly<Record<string, Counts>>,
  aboard: Aboard,
  streams: boolean,
): Record<string, View> {
  const devices = inOrder(wiring.devices);
  const screens = devices
    .filter(([id]) => wiring.kindOf(id)?.family === 'screen')
    .map(([id, device]) => ({ id, device, bus: busInto(wiring, id) }));
  const shownTo = (viewer: Viewer) =>
    screens.filter(({ device, bus }) => bus !== undefined && device.viewers?.includes(viewer));
  const mixed = devices.some(([id]) => wiring.kindOf(id)?.family === 'switcher');
  const views: Record<string, View> = {};

  for (const [id, device] of devices) {
    const kind = wiring.kindOf(id);
    if (kind?.family === 'switcher' && countables[id]?.inputs?.used.value !== 0 && !isSub(wiring, id)) {
      views[`mixer${id}`] = mixerView(wiring, id, device.label, screens, countables[id]?.tiles?.used);
    }
    if (kind?.family === 'camera' && mixed && workedByHand(device.worked)) {
      const carried = aboard(id);
      const own =
        carried.length === 0
          ? undefined
          : screens.find(each => carried.includes(each.id) && each.bus !== undefined);
      const back = feedsOf(wiring, id)[0]?.[1].from.device;
      views[`camera${id}`] = {
        ...{ viewer: 'camera', label: `the operator of ${device.label}`, device: id },
        sees: own
          ? found(`${own.bus ?? ''} on ${own.device.label}`, '', 'a screen that is fixed to the camera')
          : back === undefined
            ? unknown('', 'no picture leads back to the camera')
            : found(
                `what ${wiring.devices[back]?.label ?? 'the desk'} returns`,
                '',
                'the return input of the camera',
              ),
      };
    }
  }
  if (devices.some(([, { tasks }]) => tasks?.some(task => task === 'call' || task === 'slides'))) {
    const [screen] = shownTo('presenter');
    views.presenter = {
      ...{ viewer: 'presenter', label: 'whoever presents', device: undefined },
      sees: screen
        ? found(`${screen.bus ?? ''} on ${screen.device.label}`, '', 'a screen that is turned to the stage')
        : unknown('', 'no screen is turned to the stage'),
    };
  }
  if (streams) views.watcher = watcherView(wiring);
  return views;
}

/** A switcher before another one is worked by whoever works that. */
const isSub = (wiring: PlanWiring, id: string): boolean =>
  onwards(wiring, id).some(
    ([, { to }]) => to.device !== id && wiring.kindOf(to.device)?.family === 'switcher',
  );

function mixerView(
  wiring: PlanWiring,
  id: string,
  label: string,
  screens: readonly { id: string; device: PlanWiring['devices'][string]; bus: string | undefined }[],
  shown: Figure | undefined,
): View {
  const view: Pick<View, 'viewer' | 'label' | 'device'> = {
    ...{ viewer: 'mixer', label: `whoever works ${label}`, device: id },
  };
  const kind = wiring.kindOf(id);
  const own = kind?.screenWidth;
  const screen = screens.find(
    each =>
      (each.bus === 'multiview' || (each.device.viewers?.includes('mixer') ?? false)) &&
      each.bus !== undefined &&
      reaches(wiring, id, each.id),
  );
  if (!screen && own === undefined)
    return { ...view, sees: unknown('', 'no screen shows the multiview or a programme to them') };
  const bus = screen?.bus ?? 'multiview';
  const device = screen?.id ?? id;
  const width = wiring.kindOf(device)?.screenWidth;
  const sees = found(
    `${bus} on ${screen?.device.label ?? 'its own screen'}`,
    '',
    'links followed from its outputs',
  );
  if (bus !== 'multiview' || width === undefined || !shown) return { ...view, sees };
  return {
    ...view,
    sees,
    tile: calc(
      'm',
      'width / ceil(sqrt(pictures))',
      [
        given('width', width, 'm', 'kinds', `/kinds/${wiring.devices[device]?.kind ?? ''}/screenWidth`),
        taken('pictures', shown, `signal.countables.${id}.tiles.used`),
      ],
      { rule: 'pictures side by side in rows as long as they are many' },
    ),
  };
}

/** Whether a screen is fed by one switcher. */
function reaches(wiring: PlanWiring, switcher: string, screen: string): boolean {
  const seen = new Set<string>();
  const open = feedsOf(wiring, screen).map(([, link]) => link);
  for (let link = open.pop(); link; link = open.pop()) {
    const { device, port = '' } = link.from;
    if (device === switcher) return true;
    const key = `${device ?? ''} ${port}`;
    if (device === undefined || seen.has(key) || wiring.kindOf(device)?.family === 'switcher') continue;
    seen.add(key);
    open.push(...feedsOf(wiring, device, port).map(([, each]) => each));
  }
  return false;
}

/** The stream is watched as a guest sees it, over a line of its own. */
function watcherView(wiring: PlanWiring): View {
  const view: Pick<View, 'viewer' | 'label' | 'device'> = {
    ...{ viewer: 'watcher', label: 'whoever watches the stream', device: undefined },
  };
  const watching = inOrder(wiring.devices).find(([, { viewers }]) => viewers?.includes('watcher'));
  if (!watching) return { ...view, sees: unknown('', 'nothing is there to see the stream as its guests do') };
  const [id, { label }] = watching;
  const wired = [...wiring.into(id), ...wiring.outOf(id)].some(
    ([, { from }]) => wiring.portOf(from)?.carries === 'network',
  );
  return {
    ...view,
    sees: found(
      wired ? `${label}, over the line of the stream` : label,
      '',
      'a device that somebody watches the stream on',
      [constant('wired', wired, '', `whether ${label} hangs on the network of the stream`)],
    ),
  };
}
