/** How the time of an assessment grows with the number of devices, at the same shots and marks for each camera. */
import { assess, idFrom } from '@idle-satchel/core';
import { fridayBundle } from '@idle-satchel/core/demo';
import { line, ms, quantile, timed } from './measure.js';

type Bundle = ReturnType<typeof fridayBundle>;

/** A plan with each device, link, shot and mark so many times over, all of them wired as the first ones are. */
function grown(bundle: Bundle, times: number): Bundle {
  const { plan, venue } = bundle;
  const copied = [plan.devices, plan.links, plan.shots, venue.marks].map(map => map ?? {});
  const ids = new Set(copied.flatMap(map => Object.keys(map)));
  const renamed = <T>(node: T, copy: number): T => {
    const name = (id: string): string => (ids.has(id) && copy > 0 ? idFrom(`${id} ${copy}`) : id);
    if (typeof node === 'string') return name(node) as T;
    if (Array.isArray(node)) return node.map(each => renamed<unknown>(each, copy)) as T;
    if (typeof node !== 'object' || node === null) return node;
    return Object.fromEntries(
      Object.entries(node).map(([key, child]) => [name(key), renamed<unknown>(child, copy)]),
    ) as T;
  };
  const over = <T extends object>(map: T | undefined): T =>
    Object.assign({}, ...Array.from({ length: times }, (_, copy) => renamed(map ?? {}, copy))) as T;
  return {
    ...bundle,
    plan: { ...plan, devices: over(plan.devices), links: over(plan.links), shots: over(plan.shots) },
    venue: { ...venue, marks: over(venue.marks) },
  };
}

const time = (bundle: Bundle): number =>
  quantile(
    timed(() => assess(bundle).snags, 12, 4),
    0.5,
  );

export function growth(): void {
  const friday = fridayBundle();
  const [one, ten] = [time(friday), time(grown(friday, 10))];
  line('assess, 10 × the devices (≤ 15 ×)', ms(one), ms(ten), `${(ten / one).toFixed(1)} ×`);
}
