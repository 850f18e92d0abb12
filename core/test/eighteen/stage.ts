/** The eighteen set-ups, written shortly: gear in a plain room, everything on the shelf, a crew that fills its roles. */
import { assess } from '../../src/assess.js';
import { fridayBundle } from '../../src/demo/index.js';
import type {
  Bundle,
  Device,
  Hands,
  Item,
  Link,
  Plan,
  RuleChoices,
  RunningItem,
  UploadTest,
  Venue,
} from '../../src/documents/index.js';
import { idFrom, type Snag } from '../../src/foundations/index.js';
import { plainRoom } from '../../src/kits/index.js';
import { kitFrom, type KitSketch } from '../../src/kits/sketch.js';
import { libraryKinds } from '../../src/library/index.js';

export interface SetUp extends Omit<KitSketch, 'about' | 'layouts'> {
  /** What it shows, in a line. */
  readonly about: string;
  readonly room?: Partial<Venue>;
  readonly rules?: RuleChoices;
  /** How many people there are; each role is filled, some by the same person. */
  readonly crew: number;
  /** Devices that get no mains lead: they are fed otherwise, or mean to be. */
  readonly byLeads?: readonly string[];
  /** What outputs are set to give, by device. */
  readonly buses?: Readonly<Record<string, NonNullable<Device['buses']>>>;
  /** What the live part needs. */
  readonly live?: Partial<RunningItem>;
  /** Uploads measured, Mb/s; none = nobody measured. */
  readonly upload?: number;
}

const friday = fridayBundle();
const SKILLS = ['lead', 'mixing', 'camera', 'graphics', 'sound', 'stream', 'floor'] as const;

const crewOf = (count: number): Hands => ({
  people: Object.fromEntries(
    Array.from({ length: count }, (_, i) => [
      `person00${i}`,
      { name: `Hand ${i + 1}`, skills: SKILLS.map(skill => ({ skill, level: 'can lead' as const })) },
    ]),
  ),
});

/** One of each thing that is used, and plenty of every cable. */
function shelfFor(devices: Plan['devices']): { items: Record<string, Item>; by: Record<string, string> } {
  const items: Record<string, Item> = {};
  const by: Record<string, string> = {};
  let count = 0;
  const put = (kind: string): string => {
    const id = idFrom(`stage/${++count}`);
    items[id] = { tape: `T${count}`, kind, state: 'ready' };
    return id;
  };
  for (const [id, { kind, support, resident }] of Object.entries(devices ?? {})) {
    if (resident) continue;
    by[id] = put(kind);
    if (support !== undefined) put(support);
  }
  for (const [kind, { cable, family }] of Object.entries(libraryKinds)) {
    const plenty = cable
      ? 12
      : family === 'ramp' || family === 'tape' || family === 'hook' || family === 'mat'
        ? 1
        : 0;
    for (let i = 0; i < plenty; i++) {
      const id = put(kind);
      if (!cable) items[id] = { ...(items[id] as Item), count: 60 };
    }
  }
  return { items, by };
}

/** The bundle of a set-up, with its roles filled. */
export function staged({
  about,
  room,
  rules,
  crew,
  live,
  upload,
  byLeads = [],
  buses = {},
  ...sketch
}: SetUp): Bundle {
  const venue: Venue = {
    ...plainRoom(230, 50),
    ...room,
    ...(upload !== undefined && {
      uploads: {
        upload001: { order: '1', at: '2026-11-27T19:00:00Z', up: upload } as UploadTest & { order: string },
      },
    }),
  };
  const kit = kitFrom({ ...sketch, about, ...(live?.layouts && { layouts: live.layouts }) }, venue);
  const portOf = ({ device = '', port = '' }: Link['to']) =>
    libraryKinds[kit.plan.devices?.[device]?.kind ?? '']?.ports?.[port];
  const links = Object.entries(kit.plan.links ?? {}).filter(
    ([, { to }]) => !byLeads.includes(to.device ?? '') || portOf(to)?.connector !== 'mains',
  );
  const { items, by } = shelfFor(kit.plan.devices);
  const devices = Object.fromEntries(
    Object.entries(kit.plan.devices ?? {}).map(([id, device]) => [
      id,
      { ...device, ...(by[id] !== undefined && { item: by[id] }), ...(buses[id] && { buses: buses[id] }) },
    ]),
  );
  const bundle: Bundle = {
    ...friday,
    venue,
    rules: { ...friday.rules, ...rules },
    kinds: { version: 1, kinds: libraryKinds },
    shelf: { items },
    hands: crewOf(crew),
    claims: { claims: {} },
    plan: {
      version: 1,
      label: sketch.label,
      start: '2026-12-04T18:00:00Z',
      zone: 'Europe/London',
      venue: { id: 'plainroom', revision: 1 },
      ...kit.plan,
      links: Object.fromEntries(links),
      devices,
    },
  };
  const roles = Object.keys(assess(bundle).hands.roles);
  const assignments = Object.fromEntries(
    roles.map((role, i) => [idFrom(`stage/role/${i}`), { role, person: `person00${i % crew}` }]),
  );
  return { ...bundle, plan: { ...bundle.plan, assignments } };
}

/** Snags by severity, rule and subject, with names that can be read for leads and shots. */
export function toldOf(snags: readonly Snag[], { plan }: Bundle): string[] {
  const end = ({ device, socket, networkSocket }: Link['from']): string =>
    device ?? socket ?? networkSocket ?? '';
  const nameOf = (id: string): string => {
    const [link, shot, output] = [plan.links?.[id], plan.shots?.[id], plan.outputs?.[id]];
    if (link) return `${end(link.from)}>${end(link.to)}`;
    if (shot) return `${shot.mark} ${shot.size}`;
    return output ? `“${output.label}”` : id;
  };
  return snags
    .map(({ severity, rule, subjects }) => [`${severity} ${rule}`, ...subjects.map(nameOf)].join(' · '))
    .sort();
}
