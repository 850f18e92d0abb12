/** Outputs: what feeds each of them, as which programme, and of which size. */
import type { Bus, Kind, Output } from '../../documents/index.js';
import {
  constant,
  inOrder,
  type Figure,
  type MapOf,
  type Outcome,
  type Term,
  type VideoFormat,
} from '../../foundations/index.js';
import { outputFedBy, outputFormat, outputGets } from './figures.js';
import { givenBy } from './formats.js';
import { isItsOwn, isSent, kindDoes, switches } from './functions.js';
import type { PlanWiring } from './result.js';
import { linesOf } from './sent-size.js';
import { makesPicture, sourcesBehind } from './sources.js';
import { busOf, feedsOf } from './switching.js';

export interface FedOutput {
  readonly fedBy: Figure;
  /** The bus of the switcher that it gets: a programme, the clean one, or whatever else is on it. */
  readonly gets: Figure;
  /** Size and rate of what comes to it. */
  readonly format: Figure;
  /** Most lines of the picture that it can be sent with, where it is sent. */
  readonly lines?: Figure;
  /** The switcher that it comes from. */
  readonly switcher: string | undefined;
}

export const fedOutputs = ({
  wiring,
  outputs,
  house,
}: {
  readonly wiring: PlanWiring;
  readonly outputs: MapOf<Output> | undefined;
  readonly house: VideoFormat;
}): Readonly<Record<string, FedOutput>> =>
  Object.fromEntries(
    inOrder(outputs).map(([id, output]) => {
      const { fedBy, gets, format, switcher } = feedOf(wiring, output, house);
      const comes = outputFormat.said([id], format);
      const fed: FedOutput = {
        fedBy: outputFedBy.said([id], fedBy),
        gets: outputGets.said([id], gets),
        format: comes,
        ...(isSent(output) && { lines: linesOf(id, output, { wiring, format: comes }) }),
        switcher,
      };
      return [id, fed];
    }),
  );

/** What feeds an output, before it is a figure. */
interface Feed {
  readonly fedBy: Outcome;
  readonly gets: Outcome;
  readonly format: Outcome;
  readonly switcher: string | undefined;
}

const nothing = (why: string): Feed => ({
  fedBy: { why },
  gets: { why },
  format: { why },
  switcher: undefined,
});

const BUS_WORDS: Readonly<Record<Bus, string>> = {
  programme: 'programme',
  'second programme': 'second programme',
  'third programme': 'third programme',
  clean: 'clean programme',
  preview: 'preview',
  multiview: 'multiview',
  aux: 'one input',
  'own picture': 'own picture',
};

/** Walks upstream from the device an output comes out of, to a switcher that has a source, or to a source. */
function feedOf(wiring: PlanWiring, output: Output, house: VideoFormat): Feed {
  if (output.device === undefined) return nothing('no device is chosen for it');
  if (!wiring.devices[output.device]) return nothing('its device is gone');
  return feedBehind({ wiring, output, house, followed: new Set() }, output.device, undefined, []);
}

interface Walk {
  readonly wiring: PlanWiring;
  readonly output: Output;
  readonly house: VideoFormat;
  /** Links that were followed: one that comes again runs in a ring. */
  readonly followed: Set<string>;
}

/** What comes to a device, or out of one of its ports; every link into it is followed until one of them has something. */
function feedBehind(walk: Walk, device: string, port: string | undefined, after: readonly string[]): Feed {
  const { wiring, output, house, followed } = walk;
  const label = wiring.devices[device]?.label ?? device;
  const path = [label, ...after];
  const kind = wiring.kindOf(device);
  const method = `links followed: ${path.join(' → ')}`;
  const made = (fedBy: string, bus: string, terms: readonly Term[] = []): Feed => ({
    fedBy: { value: fedBy, method, terms },
    gets: { value: bus, method },
    format: givenBy(wiring, device, port, house),
    switcher: switches(wiring, device) ? device : undefined,
  });
  if (device === output.device && recordsSoundOnly(kind)) return soundInto(walk, device);
  if (makesPicture(wiring, device, port) && (device !== output.device || isItsOwn(wiring, output)))
    return made(`${label} alone`, 'one source');
  if (kind && switches(wiring, device)) {
    const bus = port === undefined ? ownBus(kind, output) : busOf(wiring, device, port);
    const withSource = feedsOf(wiring, device, port).filter(
      ([, lead]) => sourcesBehind(wiring, lead).size > 0,
    );
    // A lens of its own is a source too.
    if (withSource.length === 0 && !kindDoes(kind, 'sees'))
      return nothing(`${label} has no source${bus === 'aux' ? ' on that output' : ''}`);
    if (bus !== 'aux') {
      const sources = [constant('sources', withSource.length, 'pieces', 'inputs with a source')];
      return made(`${BUS_WORDS[bus ?? 'programme']} of ${label}`, bus ?? 'programme', sources);
    }
  }
  let why = nothing(`nothing is plugged into ${label}`);
  for (const [id, { from }] of feedsOf(wiring, device, port)) {
    if (from.device === undefined) continue;
    if (followed.has(id)) {
      why = nothing('its links run in a ring');
      continue;
    }
    followed.add(id);
    const feed = feedBehind(walk, from.device, from.port, path);
    if ('value' in feed.fedBy) return feed;
    why = feed;
  }
  return why;
}

/** Whether a thing records sound and takes no picture. */
const recordsSoundOnly = (kind: Kind | undefined): boolean =>
  kindDoes(kind, 'records sound') &&
  Object.values(kind?.ports ?? {}).every(
    ({ carries, direction }) => carries !== 'video' || direction === 'out',
  );

/** What a sound recorder gets: whatever is plugged into it. */
function soundInto({ wiring }: Walk, device: string): Feed {
  const label = wiring.devices[device]?.label ?? device;
  const lead = wiring.into(device).find(([, { to }]) => wiring.portOf(to)?.carries === 'audio');
  const from = wiring.devices[lead?.[1].from.device ?? '']?.label;
  if (!lead || from === undefined) return nothing(`nothing is plugged into ${label}`);
  const method = `links followed: ${from} → ${label}`;
  return {
    fedBy: { value: `sound of ${from}`, method },
    gets: { value: 'one source', method },
    format: { why: 'sound has no size of picture' },
    switcher: undefined,
  };
}

/** What a switcher itself streams or records is the programme that is wanted of it, where it has that many. */
const ownBus = ({ inside }: Kind, { programme = 'programme' }: Output): Bus =>
  hasMix(inside?.mixes, programme) ? programme : 'programme';

const NEEDS: Readonly<Record<string, number>> = { 'second programme': 2, 'third programme': 3 };
const hasMix = (mixes = 1, programme: string): boolean => mixes >= (NEEDS[programme] ?? 1);
