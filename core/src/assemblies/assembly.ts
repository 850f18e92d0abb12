/** Assemblies: saving a wired case from a plan, putting it into another, and what differs from a newer version. */
import type { Assembly, Device, Kind, Link, OutsidePort, Place, Plan } from '../documents/index.js';
import {
  idFrom,
  inOrder,
  orderAfter,
  ordersFor,
  sameJson,
  type MapOf,
  type Operation,
} from '../foundations/index.js';
import { editPlan, inKinds, inPlan } from '../edits.js';

const NONE: ReadonlySet<string> = new Set();

/** The ids of everything inside a case, itself first; without what is left out, and what is in that. */
export function insideOf(
  devices: MapOf<Device> | undefined,
  carrier: string,
  leftOut: ReadonlySet<string> = NONE,
): string[] {
  const found = [carrier];
  for (let at = 0; at < found.length; at++) {
    for (const [id, { place }] of inOrder(devices)) {
      if (place?.inside === found[at] && !found.includes(id) && !leftOut.has(id)) found.push(id);
    }
  }
  return found;
}

/** Each device of a case by the id of its part: as it was put in, else its own. */
const partIds = (
  devices: MapOf<Device> | undefined,
  carrier: string,
  leftOut: ReadonlySet<string> = NONE,
): Map<string, string> =>
  new Map(insideOf(devices, carrier, leftOut).map(id => [id, devices?.[id]?.part ?? id]));

/** A device without what belongs to the plan it is in, and not to the assembly. */
function asPart(device: Device, parts: ReadonlyMap<string, string>, isCarrier: boolean): Device {
  const { assembly: _assembly, part: _part, nudge: _nudge, liftedBy: _liftedBy, place, ...rest } = device;
  const placed = isCarrier || place?.inside === undefined ? rest : { ...rest, place };
  return withIds(placed, id => parts.get(id));
}

/** A device that speaks of others by other ids; of one that is not there it no longer says that it goes with it. */
function withIds<Of extends Omit<Device, 'order'>>(device: Of, idOf: (id: string) => string | undefined): Of {
  const { place, beside, ridesWith, ...rest } = device;
  const renamed = (id: string): string => idOf(id) ?? id;
  const [touched, rider] = [beside, ridesWith].map(id => (id === undefined ? undefined : idOf(id)));
  return {
    ...(rest as Of),
    ...(place && {
      place: {
        ...place,
        ...(place.inside !== undefined && { inside: renamed(place.inside) }),
        ...(place.on !== undefined && { on: renamed(place.on) }),
      },
    }),
    ...(touched !== undefined && { beside: touched }),
    ...(rider !== undefined && { ridesWith: rider }),
  };
}

/** A case of a plan as an assembly, or some of it: with every port that is plugged to the outside, and those that are free. */
export function assemblyFrom(
  { devices, links }: Plan,
  carrier: string,
  label: string,
  version: number,
  kinds: MapOf<Kind>,
  leftOut: ReadonlySet<string> = NONE,
): Assembly {
  const parts = partIds(devices, carrier, leftOut);
  const end = ({ device, port }: Link['from']) => ({
    device: parts.get(device ?? '') ?? '',
    ...(port !== undefined && { port }),
  });
  const own = inOrder(links).filter(
    ([, { from, to }]) => parts.has(from.device ?? '') && parts.has(to.device ?? ''),
  );
  const wired = new Set(
    own.flatMap(([, { from, to }]) => [from, to].map(({ device, port }) => `${device ?? ''} ${port ?? ''}`)),
  );
  const outer = [...parts].flatMap(([id, part]) =>
    inOrder(kinds[devices?.[id]?.kind ?? '']?.ports).flatMap(([port, of]) =>
      wired.has(`${id} ${port}`)
        ? []
        : [{ label: `${devices?.[id]?.label ?? ''} · ${of.label}`.slice(0, 60), part, port }],
    ),
  );
  const orders = ordersFor(outer.length);
  const outside = outer.map((each, i): [string, OutsidePort] => [
    idFrom(`${each.part}/${each.port}`),
    { order: orders[i] ?? '', ...each },
  ]);
  return {
    label,
    version,
    carrier: parts.get(carrier) ?? carrier,
    parts: Object.fromEntries(
      [...parts].flatMap(([id, part]) => {
        const device = devices?.[id];
        return device ? [[part, asPart(device, parts, id === carrier)]] : [];
      }),
    ),
    links: Object.fromEntries(
      own.map(([, link]) => {
        const value = { ...link, from: end(link.from), to: end(link.to) };
        return [
          idFrom(`${value.from.device}/${value.from.port ?? ''}/${value.to.device}/${value.to.port ?? ''}`),
          value,
        ];
      }),
    ),
    outside: Object.fromEntries(outside),
  };
}

/** The edit that saves it among the kinds of the organisation. */
export const saveAssemblyPatch = (
  id: string,
  assembly: Assembly,
  known: MapOf<Assembly> | undefined,
): Operation[] => inKinds({ assemblies: known }).put('assemblies', id, assembly).patch;

/** The edit that marks a case as one of an assembly, with the part that each device in it is. */
export function markedAs(
  plan: Plan,
  carrier: string,
  id: string,
  version: number,
  leftOut: ReadonlySet<string> = NONE,
): Operation[] {
  return inPlan()
    .each(partIds(plan.devices, carrier, leftOut), (edit, [device, part]) =>
      edit.put('devices', device, 'part', part),
    )
    .put('devices', carrier, 'assembly', { id, version }).patch;
}

/** The edit that puts an assembly into a plan; `seed` makes the ids of its devices. Items that are in use stay out. */
export function insertAssemblyPatch(
  id: string,
  assembly: Assembly,
  plan: Plan,
  seed: string,
  place?: Place,
): { readonly carrier: string; readonly patch: Operation[] } {
  const idOf = (part: string): string => idFrom(`${seed}/${part}`);
  const known = (part: string): string | undefined => (assembly.parts[part] ? idOf(part) : undefined);
  const used = new Set(inOrder(plan.devices).map(([, { item }]) => item));
  let order = inOrder(plan.devices).at(-1)?.[1].order;
  const edit = editPlan(plan);
  for (const [part, device] of inOrder(assembly.parts)) {
    order = orderAfter(order);
    const { item, place: own, ...rest } = withIds(device, known);
    const isCarrier = part === assembly.carrier;
    const where = isCarrier ? place : own;
    edit.put('devices', idOf(part), {
      ...rest,
      order,
      part,
      ...(item !== undefined && !used.has(item) && { item }),
      ...(where && { place: where }),
      ...(isCarrier && { assembly: { id, version: assembly.version } }),
    });
  }
  const end = ({ device, port }: Link['from']): Link['from'] => ({
    device: idOf(device ?? ''),
    ...(port !== undefined && { port }),
  });
  for (const [link, value] of inOrder(assembly.links)) {
    const ends = { from: end(value.from), to: end(value.to) };
    edit.put('links', idFrom(`${seed}/${link}`), { ...value, ...ends });
  }
  return { carrier: idOf(assembly.carrier), patch: edit.patch };
}

export interface AssemblyDifference {
  readonly words: string;
  readonly patch: readonly Operation[];
}

/** What a newer version has, has not, or has otherwise than the case in a plan; each with the edit that follows it. */
export function assemblyDifferences(plan: Plan, carrier: string, assembly: Assembly): AssemblyDifference[] {
  const byPart = new Map([...partIds(plan.devices, carrier)].map(([id, part]) => [part, id]));
  const idOf = (part: string): string => byPart.get(part) ?? idFrom(`${carrier}/${part}`);
  const now = assemblyFrom(plan, carrier, assembly.label, assembly.version, {});
  const end = ({ device, port }: Link['from']) => ({
    device: idOf(device ?? ''),
    ...(port !== undefined && { port }),
  });
  const name = ({ device = '' }: Link['from']): string =>
    (assembly.parts[device] ?? now.parts[device])?.label ?? device;
  let order = inOrder(plan.devices).at(-1)?.[1].order;
  const added = inOrder(assembly.parts).flatMap(([part, device]): AssemblyDifference[] => {
    if (now.parts[part]) return [];
    order = orderAfter(order);
    const { item: _item, ...rest } = withIds(device, each => (assembly.parts[each] ? idOf(each) : undefined));
    const value = { ...rest, order, part };
    return [
      {
        words: `with ${device.label}`,
        patch: inPlan().put('devices', idOf(part), value).patch,
      },
    ];
  });
  const linksOf = (id: string): string[] =>
    inOrder(plan.links).flatMap(([link, { from, to }]) =>
      from.device === id || to.device === id ? [link] : [],
    );
  const gone = inOrder(now.parts).flatMap(([part, { label }]): AssemblyDifference[] => {
    if (assembly.parts[part]) return [];
    const id = idOf(part);
    // What was never of the assembly stays where it is.
    if (plan.devices?.[id]?.part === undefined)
      return [{ words: `without ${label}, which stays`, patch: [] }];
    const { patch } = inPlan()
      .each(linksOf(id), (edit, link) => edit.drop('links', link))
      .drop('devices', id);
    return [{ words: `without ${label}`, patch }];
  });
  const changed = inOrder(assembly.parts).flatMap(([part, device]): AssemblyDifference[] => {
    const own = now.parts[part];
    if (!own) return [];
    return (Object.keys(FIELD_WORDS) as (keyof typeof FIELD_WORDS)[]).flatMap(
      (field): AssemblyDifference[] => {
        if (sameJson(own[field], device[field])) return [];
        const value = device[field];
        return [
          {
            words: `${device.label}: another ${FIELD_WORDS[field]}`,
            patch: (value === undefined
              ? inPlan().drop('devices', idOf(part), field)
              : inPlan().put('devices', idOf(part), field, value as never)
            ).patch,
          },
        ];
      },
    );
  });
  const goneParts = new Set(inOrder(now.parts).flatMap(([part]) => (assembly.parts[part] ? [] : [part])));
  const keyOf = ({ from, to }: Link): string =>
    `${from.device ?? ''} ${from.port ?? ''} ${to.device ?? ''} ${to.port ?? ''}`;
  const nowLinks = new Map(inOrder(now.links).map(([, link]) => [keyOf(link), link]));
  const newLinks = new Map(inOrder(assembly.links).map(([, link]) => [keyOf(link), link]));
  const plugged = [...newLinks].flatMap(([key, link]): AssemblyDifference[] =>
    nowLinks.has(key)
      ? []
      : [
          {
            words: `${name(link.from)} into ${name(link.to)}`,
            patch: inPlan().put('links', idFrom(`${carrier}/${key}`), {
              ...link,
              from: end(link.from),
              to: end(link.to),
            }).patch,
          },
        ],
  );
  const unplugged = [...nowLinks].flatMap(([key, link]): AssemblyDifference[] => {
    if (newLinks.has(key) || goneParts.has(link.from.device ?? '') || goneParts.has(link.to.device ?? ''))
      return [];
    const own = inOrder(plan.links).find(
      ([, each]) => sameJson(each.from, end(link.from)) && sameJson(each.to, end(link.to)),
    )?.[0];
    return own === undefined
      ? []
      : [
          {
            words: `${name(link.from)} not into ${name(link.to)}`,
            patch: inPlan().drop('links', own).patch,
          },
        ];
  });
  // What is taken out or unplugged goes first, so that a port is free again before the next lead takes it.
  return [...unplugged, ...gone, ...changed, ...added, ...plugged];
}

/** What of a part is compared, and what it is called. */
const FIELD_WORDS = {
  kind: 'kind',
  label: 'name',
  format: 'format',
  soundDelay: 'delay of sound',
  buses: 'use of outputs',
  settings: 'settings file',
  buttons: 'use of buttons',
  knobs: 'knobs and menus',
  comesOff: 'way to travel',
  afterTransport: 'look on arrival',
  photo: 'photo',
} as const;

/** The edit that brings a case up to the newest version. */
export const updateAssemblyPatch = (plan: Plan, carrier: string, assembly: Assembly): Operation[] => [
  ...assemblyDifferences(plan, carrier, assembly).flatMap(({ patch }) => patch),
  ...inPlan().put('devices', carrier, 'assembly', 'version', assembly.version).patch,
];
