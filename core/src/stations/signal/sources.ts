/** Sources: where the picture of each camera and computer goes, and whether it may be shown as it comes. */
import type { Link, Output } from '../../documents/index.js';
import { given, inOrder, type Figure, type MapOf, type Outcome } from '../../foundations/index.js';
import { sourceInput, sourcePicture } from './figures.js';
import { isItsOwn, kindDoes, showsWords, switches } from './functions.js';
import type { PlanWiring } from './result.js';
import { busOf, feedsOf, onwards, passesOn, videoPorts } from './switching.js';

export interface Source {
  /** The switcher input that it reaches first, or the device in which its way ends. */
  readonly input: Figure;
  /** `clean`, or what lies on it or keeps it from being shown. */
  readonly picture: Figure;
}

/** A camera, or a computer that shows something or whose picture is plugged in, as far as it gives one. */
export function isSource(wiring: PlanWiring, id: string | undefined): boolean {
  const kind = wiring.kindOf(id);
  if (id === undefined || !(kindDoes(kind, 'sees') || kindDoes(kind, 'plays'))) return false;
  if (
    !kindDoes(kind, 'sees') &&
    !showsWords(wiring, id) &&
    (switches(wiring, id) || onwards(wiring, id).length === 0)
  )
    return false;
  return Object.values(kind?.ports ?? {}).some(
    ({ carries, direction }) => carries === 'video' && direction === 'out',
  );
}

/**
 * Whether what comes out of a port is made in the device itself: in a camera or computer, or in something that has no
 * picture input, such as a player. Without a port, of any of its outputs.
 */
export function makesPicture(wiring: PlanWiring, id: string, port?: string): boolean {
  const kind = wiring.kindOf(id);
  // What mixes, or sends what comes in, gives that; a computer may show something of its own beside it.
  if (port !== undefined && busOf(wiring, id, port) === 'own picture') return true;
  if (switches(wiring, id)) return false;
  if (isSource(wiring, id)) return kind?.ports?.[port ?? '']?.loops === undefined;
  const own = Object.entries(kind?.ports ?? {}).filter(([, { carries }]) => carries === 'video');
  const gives = own.some(([id, { direction }]) => direction === 'out' && (port === undefined || id === port));
  return gives && own.every(([, { direction }]) => direction === 'out');
}

/** Every source of the plan. */
export const sourcesOf = ({
  wiring,
  outputs,
}: {
  readonly wiring: PlanWiring;
  readonly outputs: MapOf<Output> | undefined;
}): Readonly<Record<string, Source>> =>
  Object.fromEntries(
    inOrder(wiring.devices)
      .filter(([id]) => isSource(wiring, id))
      .map(([id]) => [
        id,
        {
          input: sourceInput.said([id], inputOf(wiring, id, outputs)),
          picture: sourcePicture.said([id], pictureOf(wiring, id)),
        },
      ]),
  );

interface Step {
  readonly device: string;
  readonly port: string | undefined;
  readonly before: Step | undefined;
}

/** Follows a picture, nearest first, through what passes it on to a switcher input, or to where it ends. */
function inputOf(wiring: PlanWiring, source: string, outputs: MapOf<Output> | undefined): Outcome {
  if (switches(wiring, source)) return { value: 'its own mix', method: 'it sees and mixes' };
  const own = inOrder(outputs).find(([, output]) => output.device === source && isItsOwn(wiring, output));
  if (own) return { value: own[1].label, method: 'it sends or records its picture by itself' };
  const name = (id: string): string => wiring.devices[id]?.label ?? id;
  const followed = (step: Step): string => {
    const way: string[] = [];
    for (let at: Step | undefined = step; at; at = at.before) way.unshift(name(at.device));
    return `links followed: ${way.join(' → ')}`;
  };
  const seen = new Set([source]);
  const open: Step[] = [{ device: source, port: undefined, before: undefined }];
  let end: Step | undefined;
  for (const step of open) {
    for (const [, { to }] of onwards(wiring, step.device, step.port)) {
      const { device, port } = to;
      if (device === undefined || seen.has(device)) continue;
      seen.add(device);
      const kind = wiring.kindOf(device);
      const next: Step = { device, port, before: step };
      if (switches(wiring, device))
        return {
          value: kind?.ports?.[port ?? '']?.label ?? 'an input that does not exist',
          method: followed(next),
        };
      if (passesOn(kind?.family)) open.push(next);
      else end ??= next;
    }
  }
  return end ? { value: name(end.device), method: followed(end) } : { why: 'its picture goes nowhere' };
}

/** The first port in use by which a source gives its picture, else the first it has. */
export function portInUse(wiring: PlanWiring, id: string): string | undefined {
  const used = onwards(wiring, id)[0]?.[1].from.port;
  return used ?? videoPorts(wiring, id, 'out')[0]?.[0];
}

/** Menus or copy protection on what a source gives, until somebody has switched them off and looked. */
function pictureOf(wiring: PlanWiring, id: string): Outcome {
  const port = portInUse(wiring, id) ?? '';
  const kind = wiring.kindOf(id);
  const { overlay, locked } = kind?.ports?.[port] ?? {};
  const pointer = `/kinds/${wiring.devices[id]?.kind ?? ''}/ports/${port}`;
  const cleared = wiring.devices[id]?.cleared === true;
  const at = (name: 'locked' | 'overlay', value: string) =>
    given(name, value, '', 'kinds', `${pointer}/${name}`);
  if (locked !== undefined && (locked === 'always' || !cleared))
    return {
      value: locked === 'always' ? 'copy-protected' : 'copy-protected until that is off',
      terms: [at('locked', locked)],
    };
  if (overlay !== undefined && (overlay === 'always' || !cleared))
    return {
      value: overlay === 'always' ? 'menus always on it' : 'menus on it until they are off',
      terms: [at('overlay', overlay)],
    };
  return { value: 'clean' };
}

/** Everything whose own pictures run through a lead, by whatever is between. */
export function sourcesBehind(wiring: PlanWiring, lead: Link): Set<string> {
  const sources = new Set<string>();
  const seen = new Set<string>();
  const open = [lead];
  for (let link = open.pop(); link; link = open.pop()) {
    const { device, port = '' } = link.from;
    const key = `${device ?? ''} ${port}`;
    if (device === undefined || seen.has(key)) continue;
    seen.add(key);
    if (makesPicture(wiring, device, port)) {
      sources.add(device);
      continue;
    }
    // What mixes and sees has itself among its inputs.
    if (kindDoes(wiring.kindOf(device), 'sees')) sources.add(device);
    open.push(...feedsOf(wiring, device, port).map(([, each]) => each));
  }
  return sources;
}
