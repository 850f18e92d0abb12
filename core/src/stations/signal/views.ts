/** Views: what everybody who takes part must see, and whether some screen shows it to them. */
import type { Viewer } from '../../documents/index.js';
import { constant, given, inOrder, taken, type Figure } from '../../foundations/index.js';
import { workedByHand } from '../equipment.js';
import type { Aboard } from './camera-lines.js';
import { kindDoes, switches } from './functions.js';
import type { Counts } from './resources.js';
import { viewSees, viewTile } from './figures.js';
import type { PlanWiring } from './result.js';
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

/** What views are worked out from. */
export interface ViewReads {
  readonly wiring: PlanWiring;
  readonly countables: Readonly<Record<string, Counts>>;
  readonly aboard: Aboard;
  /** Cameras whose operators see what whoever mixes sees. */
  readonly beside: readonly string[];
  /** Something is streamed, so that somebody should watch it. */
  readonly streams: boolean;
}

/** A screen and the bus that comes to it. */
interface Shown {
  readonly id: string;
  readonly device: PlanWiring['devices'][string];
  readonly bus: string | undefined;
}

/** Views that the design asks for, keyed by who must have them. */
export function viewsOf({
  wiring,
  countables,
  aboard,
  beside,
  streams,
}: ViewReads): Readonly<Record<string, View>> {
  const devices = inOrder(wiring.devices);
  const screens = devices
    .filter(([id]) => kindDoes(wiring.kindOf(id), 'shows'))
    .map(([id, device]): Shown => ({ id, device, bus: busInto(wiring, id) }));
  const mixed = devices.some(([id]) => switches(wiring, id));
  const views: Record<string, View> = {};
  for (const [id, device] of devices) {
    const used = Number(countables[id]?.inputs?.used.value);
    if (switches(wiring, id) && used !== 0 && !isSub(wiring, id) && !(used === 1 && takesMix(wiring, id))) {
      views[`mixer${id}`] = mixerView(wiring, id, device.label, screens, countables[id]?.tiles?.used);
    }
    if (kindDoes(wiring.kindOf(id), 'sees') && mixed && workedByHand(device.worked)) {
      views[`camera${id}`] = operatorView(wiring, id, device.label, {
        carried: aboard(id),
        beside: beside.includes(id),
        screens,
      });
    }
  }
  if (devices.some(([, { tasks }]) => tasks?.some(task => task === 'call' || task === 'slides')))
    views.presenter = presenterView(screens);
  if (streams) views.watcher = watcherView(wiring);
  return views;
}

/** An operator sees the programme on a screen at the camera, or what is returned to it. */
function operatorView(
  wiring: PlanWiring,
  id: string,
  label: string,
  {
    carried,
    beside,
    screens,
  }: {
    readonly carried: readonly string[];
    readonly beside: boolean;
    readonly screens: readonly Shown[];
  },
): View {
  const ids: [string] = [`camera${id}`];
  const own = screens.find(each => carried.includes(each.id) && each.bus !== undefined);
  const shared = screens.find(
    ({ device, bus }) => bus !== undefined && (device.viewers?.includes('camera') ?? false),
  );
  const back = feedsOf(wiring, id)[0]?.[1].from.device;
  const view: Omit<View, 'sees'> = { viewer: 'camera', label: `the operator of ${label}`, device: id };
  if (own) {
    const method = 'a screen that is fixed to the camera';
    return { ...view, sees: viewSees.found(ids, `${own.bus ?? ''} on ${own.device.label}`, [], { method }) };
  }
  if (shared) {
    const method = 'a screen that several operators look at';
    return {
      ...view,
      sees: viewSees.found(ids, `${shared.bus ?? ''} on ${shared.device.label}`, [], { method }),
    };
  }
  if (back === undefined && beside) {
    const method = 'within reach of whoever mixes';
    return { ...view, sees: viewSees.found(ids, 'what whoever mixes sees', [], { method }) };
  }
  if (back === undefined)
    return { ...view, sees: viewSees.unknown(ids, 'no picture leads back to the camera') };
  const returned = `what ${wiring.devices[back]?.label ?? 'the desk'} returns`;
  return { ...view, sees: viewSees.found(ids, returned, [], { method: 'the return input of the camera' }) };
}

function presenterView(screens: readonly Shown[]): View {
  const screen = screens.find(
    ({ device, bus }) => bus !== undefined && device.viewers?.includes('presenter'),
  );
  const method = 'a screen that is turned to the stage';
  return {
    viewer: 'presenter',
    label: 'whoever presents',
    device: undefined,
    sees: screen
      ? viewSees.found(['presenter'], `${screen.bus ?? ''} on ${screen.device.label}`, [], { method })
      : viewSees.unknown(['presenter'], 'no screen is turned to the stage'),
  };
}

/** A switcher before another one is worked by whoever works that. */
const isSub = (wiring: PlanWiring, id: string): boolean =>
  onwards(wiring, id).some(([, { to }]) => to.device !== id && switches(wiring, to.device));

function mixerView(
  wiring: PlanWiring,
  id: string,
  label: string,
  screens: readonly Shown[],
  shown: Figure | undefined,
): View {
  const ids: [string] = [`mixer${id}`];
  const view: Omit<View, 'sees'> = { viewer: 'mixer', label: `whoever works ${label}`, device: id };
  const own = wiring.kindOf(id)?.screenWidth;
  const screen = screens.find(
    each =>
      (each.bus === 'multiview' || (each.device.viewers?.includes('mixer') ?? false)) &&
      each.bus !== undefined &&
      reaches(wiring, id, each.id),
  );
  if (!screen && own === undefined)
    return { ...view, sees: viewSees.unknown(ids, 'no screen shows the multiview or a programme to them') };
  const bus = screen?.bus ?? 'multiview';
  const device = screen?.id ?? id;
  const width = wiring.kindOf(device)?.screenWidth;
  const sees = viewSees.found(ids, `${bus} on ${screen?.device.label ?? 'its own screen'}`, [], {
    method: 'links followed from its outputs',
  });
  if (bus !== 'multiview' || width === undefined || !shown) return { ...view, sees };
  const pointer = `/kinds/${wiring.devices[device]?.kind ?? ''}/screenWidth`;
  const tile = viewTile.calc(ids, [given('width', width, 'm', 'kinds', pointer), taken('pictures', shown)]);
  return { ...view, sees, tile };
}

/** Whether a screen is fed by one switcher. */
function reaches(wiring: PlanWiring, switcher: string, screen: string): boolean {
  const seen = new Set<string>();
  const open = feedsOf(wiring, screen).map(([, link]) => link);
  for (let link = open.pop(); link; link = open.pop()) {
    const { device, port = '' } = link.from;
    if (device === switcher) return true;
    const key = `${device ?? ''} ${port}`;
    if (device === undefined || seen.has(key) || switches(wiring, device)) continue;
    seen.add(key);
    open.push(...feedsOf(wiring, device, port).map(([, each]) => each));
  }
  return false;
}

/** The stream is watched as a guest sees it, over a line of its own. */
function watcherView(wiring: PlanWiring): View {
  const view: Omit<View, 'sees'> = {
    viewer: 'watcher',
    label: 'whoever watches the stream',
    device: undefined,
  };
  const watching = inOrder(wiring.devices).find(([, { viewers }]) => viewers?.includes('watcher'));
  if (!watching) {
    return {
      ...view,
      sees: viewSees.unknown(['watcher'], 'nothing is there to see the stream as its guests do'),
    };
  }
  const [id, { label }] = watching;
  const wired = [...wiring.into(id), ...wiring.outOf(id)].some(
    ([, { from }]) => wiring.portOf(from)?.carries === 'network',
  );
  const sees = viewSees.found(
    ['watcher'],
    wired ? `${label}, over the line of the stream` : label,
    [constant('wired', wired, '', `whether ${label} hangs on the network of the stream`)],
    { method: 'a device that somebody watches the stream on' },
  );
  return { ...view, sees };
}

/** A switcher that is given what another one mixes, to record or send it. */
function takesMix(wiring: PlanWiring, id: string): boolean {
  const maker = leadFromMaker(wiring, id)?.[1].from.device;
  return maker !== undefined && switches(wiring, maker);
}
