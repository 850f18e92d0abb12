/** Plugging a device in elsewhere on the supply tree. */
import type { Assessment } from '../assess.js';
import type { Bundle, Link } from '../documents/index.js';
import { idFrom, type Fix } from '../foundations/index.js';
import { fix, inPlan } from '../edits.js';
import { feedFrom } from '../stations/power/feed-fixes.js';

export interface Replugged {
  readonly fix?: Fix;
  /** Why it cannot be plugged in there. */
  readonly why?: string;
}

/** The edit that feeds a device from an outlet of another device or a socket of the venue, or why there is none. */
export function replug(
  { plan }: Pick<Bundle, 'plan'>,
  seen: Pick<Assessment, 'power' | 'signal' | 'ground'>,
  device: string,
  target: string,
): Replugged {
  const found = feedFrom({ ...seen, own: seen.power }, device, target);
  if ('why' in found) return found;
  const { from, port, label } = found;
  const link = seen.power.feeds[device]?.link ?? idFrom(`replug/${device}/${target}`);
  const before: Partial<Link> = plan.links?.[link] ?? {};
  const words = `Feed ${seen.signal.wiring.devices[device]?.label ?? 'it'} from ${label}`;
  return {
    fix: fix(
      words,
      inPlan({ links: plan.links }).put('links', link, {
        ...(before.make && { make: before.make }),
        from,
        to: { device, port },
      }),
    ),
  };
}
