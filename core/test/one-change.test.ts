/**
 * What the assessment says when one thing of the demo event is otherwise: a lead pulled out, a device gone, a camera
 * worked in another way, a house rule, a figure of the venue. Snags that come and go, and what is offered against the
 * first of those that come, as text held against files that people can read and compare.
 */
import { describe, expect, it } from 'vitest';
import { createChain } from '../src/assess.js';
import type { Bundle } from '../src/documents/index.js';
import { fixesFor } from '../src/fixes.js';
import { applyPatch, type Operation, type Snag } from '../src/foundations/index.js';
import { takeOutPatch } from '../src/stations/device-edits.js';
import { friday, remove, set } from './stations/edited.js';

type Named = readonly [what: string, bundle: Bundle];
type Part = 'plan' | 'venue' | 'kinds' | 'shelf' | 'rules' | 'hands';

const changed = (part: Part, ...patch: Operation[]): Bundle => ({
  ...friday,
  [part]: applyPatch(friday[part], patch),
});
const each = <T>(
  records: Readonly<Record<string, T>> | undefined,
  to: (id: string, of: T) => Named[],
): Named[] => Object.entries(records ?? {}).flatMap(([id, of]) => to(id, of));

const { plan, venue, kinds } = friday;

const leads = each(plan.links, id => [[`without ${id}`, changed('plan', remove(`/links/${id}`))]]);
const gear = each(plan.devices, (id, { label }) => [
  [`without ${label}`, changed('plan', ...takeOutPatch(plan, id))],
]);
const cameras = each(plan.devices, (id, { kind, label, place }) =>
  kinds.kinds[kind]?.optics
    ? [
        ...(['operated', 'locked', 'remote', 'roaming', 'crane'] as const).map((worked): Named => [
          `${label} ${worked}`,
          changed('plan', set(`/devices/${id}/worked`, worked)),
        ]),
        ...[1, 2.4].map((height): Named => [
          `${label} at ${height} m`,
          changed('plan', set(`/devices/${id}/place/height`, height)),
        ]),
        ...[8, 40].map((focal): Named => [
          `${label} set to ${focal} mm`,
          changed('plan', set(`/devices/${id}/focal`, focal)),
        ]),
        [`${label} at f/8`, changed('plan', set(`/devices/${id}/aperture`, 8))],
        [
          `${label} 4 m to the east`,
          changed('plan', set(`/devices/${id}/place/at`, [(place?.at?.[0] ?? 0) + 4, place?.at?.[1] ?? 0])),
        ],
        [`${label} nowhere`, changed('plan', remove(`/devices/${id}/place`))],
        [
          `${label} on no stand`,
          changed(
            'plan',
            ...('support' in (plan.devices?.[id] ?? {}) ? [remove(`/devices/${id}/support`)] : []),
          ),
        ],
      ]
    : [],
);
const shots = each(plan.shots, id => [
  [`${id} taken from above`, changed('plan', set(`/shots/${id}/size`, 'from above'))],
  [`${id} head and shoulders`, changed('plan', set(`/shots/${id}/size`, 'head and shoulders'))],
  [`${id} vital`, changed('plan', set(`/shots/${id}/importance`, 'vital'))],
  [
    `${id} from no camera`,
    changed('plan', ...(plan.shots?.[id]?.camera ? [remove(`/shots/${id}/camera`)] : [])),
  ],
]);
const outputs = each(plan.outputs, (id, { kind, label }) => [
  [`without ${label}`, changed('plan', remove(`/outputs/${id}`))],
  [`${label} without graphics`, changed('plan', set(`/outputs/${id}/programme`, 'clean'))],
  [`${label} as the second programme`, changed('plan', set(`/outputs/${id}/programme`, 'second programme'))],
  ...(kind === 'stream'
    ? (['2160p60', '1080p60', '720p30'] as const).map((rung): Named => [
        `${label} at ${rung}`,
        changed('plan', set(`/outputs/${id}/rung`, rung)),
      ])
    : []),
  ...(kind === 'recording'
    ? [[`${label} with four cameras apart`, changed('plan', set(`/outputs/${id}/isolated`, 4))] as const]
    : []),
]);
const choices: Named[] = (
  [
    ['hdmiReach', 'cautious'],
    ['hdmiReach', 'stretched'],
    ['mainsLoad', 'full'],
    ['coaxReach', 'flat'],
    ['units', 'imperial'],
    ['format', '2160p50'],
    ['format', '720p50'],
    ['seatedHead', 1.6],
    ['cableSpares', 1],
  ] as const
).map(([rule, value]) => [`${rule} ${value}`, changed('rules', set(`/${rule}`, value))]);
const place: Named[] = [
  ...each(venue.circuits, (id, { label }) => [
    [`${label} of 3 A`, changed('venue', set(`/circuits/${id}/amps`, 3))],
  ]),
  ...each(venue.marks, (id, { label }) => [
    [`${label} in 20 lx`, changed('venue', set(`/marks/${id}/light`, 20))],
    [
      `${label} turned about`,
      changed('venue', set(`/marks/${id}/facing`, (venue.marks?.[id]?.facing ?? 0) + 180)),
    ],
  ]),
  ...each(venue.areas, (id, { label }) => [
    [`no film in ${label}`, changed('venue', set(`/areas/${id}/kind`, 'no-film'))],
    [`${label} kept clear`, changed('venue', set(`/areas/${id}/kind`, 'keep-clear'))],
  ]),
  ...each(venue.sockets, (id, { label }) => [
    [`no socket ${label}`, changed('venue', remove(`/sockets/${id}`))],
  ]),
  ...each(venue.doors, (id, { label }) => [
    [`${label} a fire exit`, changed('venue', set(`/doors/${id}/kind`, 'fire'))],
  ]),
  ...each(venue.uploads, id => [[`without the test ${id}`, changed('venue', remove(`/uploads/${id}`))]]),
];
const stock = each(friday.shelf.items, (id, { kind, tape }) =>
  kinds.kinds[kind]?.cable || Object.values(plan.devices ?? {}).some(({ item }) => item === id)
    ? [[`${tape} not there`, changed('shelf', set(`/items/${id}/state`, 'out'))]]
    : [],
);
const people = each(friday.hands.people, (id, { name }) => [
  [`without ${name}`, changed('hands', remove(`/people/${id}`))],
]);

const GROUPS: Readonly<Record<string, readonly Named[]>> = {
  leads,
  gear,
  cameras,
  shots,
  outputs,
  choices,
  place,
  stock,
  people,
};

const chain = createChain();
const before = new Map(chain(friday).snags.map(snag => [snag.id, snag]));
const line = ({ severity, rule, subjects, title, advice }: Snag): string =>
  [`${severity} ${rule} [${subjects.join(' ')}] ${title}`, advice].filter(Boolean).join(' ');

/** Snags that come, those that are told otherwise, and those that go; fixes of the first two that come. */
function difference(bundle: Bundle): string[] {
  const after = new Map(chain(bundle).snags.map(snag => [snag.id, snag]));
  const come = [...after.values()].filter(({ id }) => !before.has(id));
  const told = [...after.values()].filter(snag => {
    const known = before.get(snag.id);
    return known && line(known) !== line(snag);
  });
  const gone = [...before.values()].filter(({ id }) => !after.has(id));
  return [
    ...come.flatMap((snag, i) => [
      `+ ${line(snag)}`,
      ...(i < 2 ? fixesFor(snag.id, bundle).map(({ label }) => `    ${label}`) : []),
    ]),
    ...told.map(snag => `~ ${line(snag)}`),
    ...gone.map(({ rule, subjects }) => `- ${rule} [${subjects.join(' ')}]`),
  ];
}

describe('what is said when one thing is otherwise', () => {
  it.each(Object.entries(GROUPS))('of the %s', async (group, cases) => {
    expect(cases.length).toBeGreaterThan(0);
    const text = cases.flatMap(([what, bundle]) => [`## ${what}`, ...difference(bundle), '']).join('\n');
    await expect(text).toMatchFileSnapshot(`golden/one-change-${group}.txt`);
  });
});
