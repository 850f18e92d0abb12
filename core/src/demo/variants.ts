/** Other ways of doing the demo events: Friday with one and two cameras, and the chapel with two and three. */
import type { Bundle, Device, Link, Plan, Shot } from '../documents/index.js';
import { inPlan } from '../edits.js';
import { applyPatch } from '../foundations/index.js';
import { takeOutPatch } from '../stations/device-edits.js';
import { chapelBundle } from './chapel.js';
import { fridayPlan } from './friday.js';

const without = (plan: Plan, devices: readonly string[]): Plan =>
  devices.reduce((left, device) => applyPatch(left, takeOutPatch(left, device)), plan);

const given = (plan: Plan, shots: Readonly<Record<string, string>>): Plan =>
  applyPatch(
    plan,
    inPlan().each(Object.entries(shots), (edit, [shot, camera]) => edit.put('shots', shot, 'camera', camera))
      .patch,
  );

/** Friday’s concert in other ways, by their ids; the concert itself has three cameras. */
export function fridayVariants(start?: string): Readonly<Record<string, Plan>> {
  const plan = fridayPlan(start);
  const variant = (label: string, of: Plan): Plan => ({ ...of, label, parent: 'eventfriday1' });
  const two = given(without(plan, ['battnorth', 'camnorth1']), { shotlecter: 'camside01' });
  const one = given(without(two, ['camside01']), { shotlecter: 'camwide01', shotsolois: 'camwide01' });
  return {
    eventfrione1: variant('Friday with one camera', one),
    eventfritwo1: variant('Friday with two cameras', two),
  };
}

const FOOT = 0.3048;

/** A camera more for the chapel, with its mains, its lead and the shot that it takes. */
interface More {
  readonly device: readonly [string, Device];
  readonly links: Readonly<Record<string, Link>>;
  readonly shot: readonly [string, Shot];
}

const NORTH: More = {
  device: [
    'camera002',
    {
      ...{ order: '003h', label: 'C2 NORTH', kind: 'camcompac', worked: 'locked', support: 'standhigh' },
      place: { at: [30 * FOOT, 1.5 * FOOT], height: 1.7 },
    },
  ],
  links: {
    linkcamer2: {
      from: { device: 'camera002', port: 'hdmiout01' },
      to: { device: 'switcher1', port: 'hdmiin02' },
    },
    feedcamer2: { from: { socket: 'sktplat01' }, to: { device: 'camera002', port: 'mainsin01' } },
  },
  shot: ['shotpiano1', { order: '002h', mark: 'markpiano', size: 'waist up', camera: 'camera002' }],
};

const SOUTH: More = {
  device: [
    'camera003',
    {
      ...{ order: '004h', label: 'C3 SOUTH', kind: 'camoneinc', worked: 'operated', support: 'tripodflu' },
      place: { at: [30 * FOOT, 28.5 * FOOT], height: 1.6 },
    },
  ],
  links: {
    linkcamer3: {
      from: { device: 'camera003', port: 'hdmiout01' },
      to: { device: 'switcher1', port: 'hdmiin03' },
    },
    feedcamer3: { from: { socket: 'sktback01' }, to: { device: 'camera003', port: 'mainsin01' } },
  },
  shot: ['shotcloser', { order: '003h', mark: 'markpulpi', size: 'chest up', camera: 'camera003' }],
};

function grown(plan: Plan, label: string, more: readonly More[]): Plan {
  return {
    ...plan,
    ...{ label, parent: 'eventsunday1' },
    devices: { ...plan.devices, ...Object.fromEntries(more.map(({ device }) => device)) },
    links: { ...plan.links, ...Object.fromEntries(more.flatMap(({ links }) => Object.entries(links))) },
    shots: { ...plan.shots, ...Object.fromEntries(more.map(({ shot }) => shot)) },
    money: { ceiling: { amount: 900, currency: 'USD' } },
  };
}

/** The chapel’s service with a second and a third camera, which it saves for. */
export function chapelVariants(start?: string): Readonly<Record<string, Plan>> {
  const { plan }: Bundle = chapelBundle(start);
  return {
    eventsuntwo1: grown(plan, 'Sunday with two cameras', [NORTH]),
    eventsunthre: grown(plan, 'Sunday with three cameras', [NORTH, SOUTH]),
  };
}
