/** What comes out, and which cameras are seen, as planned and while some of the gear is gone. */
import type { Assessment, Assessor } from '../assess.js';
import type { Bundle, Plan } from '../documents/index.js';
import { inOrder } from '../foundations/index.js';
import { feedsWithout, type Feed, type Lost } from '../stations/power/feeding.js';
import { kindDoes } from '../stations/signal/functions.js';

/** Outputs that are fed, and led to a line where they are sent, and cameras whose picture comes to somewhere, by id. */
export interface OnAir {
  readonly outputs: ReadonlySet<string>;
  readonly cameras: ReadonlySet<string>;
}

export function onAirOf({ plan }: Pick<Bundle, 'plan'>, { signal, stream }: Assessment): OnAir {
  const isOut = (id: string, device: string | undefined): boolean => {
    const line = stream.streams[id]?.line;
    return (
      typeof signal.outputs[id]?.fedBy.value === 'string' &&
      (device === undefined || signal.wiring.devices[device] !== undefined) &&
      (line === undefined || line.value !== null)
    );
  };
  return {
    outputs: new Set(inOrder(plan.outputs).flatMap(([id, { device }]) => (isOut(id, device) ? [id] : []))),
    cameras: new Set(
      inOrder(signal.wiring.devices).flatMap(([id]) =>
        kindDoes(signal.wiring.kindOf(id), 'sees') && typeof signal.sources[id]?.input.value === 'string'
          ? [id]
          : [],
      ),
    ),
  };
}

/** The bundle with some devices gone from its plan, and every lead of theirs. */
export function without(bundle: Bundle, gone: Iterable<string>): Bundle {
  const dead = new Set(gone);
  const { devices = {}, links = {} } = bundle.plan;
  const plan: Plan = {
    ...bundle.plan,
    devices: Object.fromEntries(Object.entries(devices).filter(([id]) => !dead.has(id))),
    links: Object.fromEntries(
      Object.entries(links).filter(
        ([, { from, to }]) => !dead.has(from.device ?? '') && !dead.has(to.device ?? ''),
      ),
    ),
  };
  return { ...bundle, plan };
}

/** What would feed each device without what is lost, and the devices whose feed changes by that. */
export function feedsAfter(
  { power, signal }: Assessment,
  lost: Lost,
): { readonly feeds: Readonly<Record<string, Feed>>; readonly touched: readonly string[] } {
  const feeds = feedsWithout(signal.wiring, lost);
  const touched = Object.entries(power.feeds).flatMap(([id, feed]) =>
    !sameFeed(feed, feeds[id]) && feed.source !== 'not known' ? [id] : [],
  );
  return { feeds, touched };
}

const sameFeed = (a: Feed, b: Feed | undefined): boolean =>
  b !== undefined && a.source === b.source && a.from === b.from && a.link === b.link;

/** What is still on air when some devices are gone, and all that goes dark with them. */
export function onAirWithout(
  bundle: Bundle,
  assessment: Assessment,
  gone: readonly string[],
  assess: Assessor,
): OnAir {
  const { feeds, touched } = feedsAfter(assessment, { sockets: new Set(), devices: new Set(gone) });
  const dark = touched.filter(id => !feeds[id]);
  const left = without(bundle, [...gone, ...dark]);
  return onAirOf(left, assess(left));
}

/** What is lost when a device fails, by itself. */
export interface FailsAlone {
  readonly outputs: readonly string[];
  readonly cameras: readonly string[];
}

/** For each device of the plan what is lost when it alone fails; those of which nothing is lost are not in it. */
export function* lostByEach(
  bundle: Bundle,
  assessment: Assessment,
  assess: Assessor,
): Generator<number, ReadonlyMap<string, FailsAlone>> {
  const before = onAirOf(bundle, assessment);
  const devices = Object.keys(assessment.signal.wiring.devices);
  const lost = new Map<string, FailsAlone>();
  for (const [i, device] of devices.entries()) {
    yield i / devices.length;
    const after = onAirWithout(bundle, assessment, [device], assess);
    const outputs = [...before.outputs].filter(id => !after.outputs.has(id));
    const cameras = [...before.cameras].filter(id => !after.cameras.has(id));
    if (outputs.length > 0 || cameras.length > 0) lost.set(device, { outputs, cameras });
  }
  return lost;
}
