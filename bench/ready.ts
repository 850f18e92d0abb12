/** Getting ready: a schedule, many drawn days of it, and what would help, in one go. */
import { assess, idFrom } from '@idle-satchel/core';
import { fridayBundle } from '@idle-satchel/core/demo';
import { readyInTime, runSearch } from '@idle-satchel/core/searches';
import { line } from './measure.js';

type Bundle = ReturnType<typeof fridayBundle>;

/** Friday with its cameras and their leads so many times over: about 60 pieces of work for two times. */
function withMoreCameras({ plan, ...bundle }: Bundle, times: number): Bundle {
  const cameras = ['camwide01', 'camnorth1', 'camside01'];
  const copies = Array.from({ length: times - 1 }, (_, copy) => copy + 1);
  const copied = (id: string, copy: number): string => idFrom(`${id} ${copy}`);
  const devices = { ...plan.devices };
  const links = { ...plan.links };
  for (const copy of copies) {
    for (const camera of cameras) {
      const device = plan.devices?.[camera];
      if (device) devices[copied(camera, copy)] = { ...device, label: `${device.label} ${copy + 1}` };
    }
    for (const [id, { from, to, ...link }] of Object.entries(plan.links ?? {})) {
      const ends = [from, to].map(end =>
        cameras.includes(end.device ?? '') ? { ...end, device: copied(end.device ?? '', copy) } : end,
      );
      if (ends[0] !== from || ends[1] !== to)
        links[copied(id, copy)] = { ...link, from: ends[0] ?? from, to: ends[1] ?? to };
    }
  }
  return { ...bundle, plan: { ...plan, devices, links } };
}

const solve = (): never => {
  throw new Error('nothing is solved here');
};

export async function ready(): Promise<void> {
  const bundle = withMoreCameras(fridayBundle(), 3);
  const pieces = Object.keys(assess(bundle).hands.tasks).length;
  const begun = performance.now();
  const { objectives, answer } = await runSearch(
    readyInTime,
    bundle,
    { seconds: 2 },
    { now: () => performance.now(), solve },
  );
  const [shortest] = objectives;
  line(
    `ready in time, ${pieces} pieces of work (≤ 6 s)`,
    `${((performance.now() - begun) / 1000).toFixed(1)} s`,
    `${shortest?.value} min, none below ${shortest?.bound}`,
    `${answer.shorten.length + answer.add.length} that help`,
  );
}
