/** Signal: devices, ports and links – what reaches what, and by which plug. */
import type {
  Format,
  Kind,
  Kinds,
  Link,
  Output,
  Rules,
  RunningItem,
  Shelf,
  Shot,
} from '../../documents/index.js';
import {
  found,
  inOrder,
  settingOf,
  wiringOf,
  type Figure,
  type MapOf,
  type Memo,
  type Wiring,
} from '../../foundations/index.js';
import type { Equipment } from '../equipment.js';
import type { Station } from '../station.js';
import { assemblyVersions, type AssemblyVersions } from './assemblies.js';
import { aboardOf, cameraLines, type CameraLines } from './camera-lines.js';
import { countablesOf, type Counts } from './countables.js';
import { fedOutputs, type FedOutput } from './fed-by.js';
import { givenBy, linkFormats, type LinkFormat } from './formats.js';
import { latencyOf, screensOf, type OutputSync } from './latency.js';
import { loopsOf, type Loop } from './loops.js';
import { matingsOf, type Mating } from './mates.js';
import { isSource, portInUse, sourcesOf, type Source } from './sources.js';
import { viewsOf, type View } from './views.js';

export interface SignalReads {
  readonly devices: MapOf<Equipment> | undefined;
  readonly links: MapOf<Link> | undefined;
  readonly outputs: MapOf<Output> | undefined;
  readonly kinds: Kinds;
  readonly shelf: Shelf;
  readonly rules: Rules;
  readonly shots: MapOf<Shot> | undefined;
  readonly runningOrder: MapOf<RunningItem> | undefined;
}

export type PlanWiring = Wiring<Equipment, Kind, Link>;

export interface SignalResult {
  readonly wiring: PlanWiring;
  /** Whether both ends of a link fit, and face each other. */
  readonly links: Readonly<Record<string, Mating>>;
  readonly sources: Readonly<Record<string, Source>>;
  /** Whatever can run out, by device. */
  readonly countables: Readonly<Record<string, Counts>>;
  /** What runs through each video link, and whether it is taken at its end. */
  readonly formats: Readonly<Record<string, LinkFormat>>;
  /** How each computer that gives a picture is set: size, rate and scan. */
  readonly settings: Readonly<Record<string, Figure>>;
  readonly loops: Readonly<Record<string, Loop>>;
  /** How late pictures and sound come to each output but screens, and the delay that brings them together. */
  readonly latency: Readonly<Record<string, OutputSync>>;
  readonly screens: Readonly<Record<string, { readonly late: Figure }>>;
  /** What feeds each wanted output, and as what. */
  readonly outputs: Readonly<Record<string, FedOutput>>;
  /** What everybody who takes part must see. */
  readonly views: Readonly<Record<string, View>>;
  /** What leads to each camera besides its picture. */
  readonly cameras: Readonly<Record<string, CameraLines>>;
  readonly assemblies: Readonly<Record<string, AssemblyVersions>>;
}

function compute(
  { devices, links, outputs, kinds, rules, shots, runningOrder }: SignalReads,
  memo: Memo,
): SignalResult {
  const { format, keptSpare = 0, delayAt } = rules;
  return memo.once(
    'result',
    [devices, links, outputs, kinds, format, keptSpare, delayAt, shots, runningOrder],
    () => {
      const wiring: PlanWiring = wiringOf(devices, kinds.kinds, links);
      const aboard = aboardOf(wiring);
      const formats = linkFormats(wiring, links, format);
      const fed = fedOutputs(wiring, outputs, format);
      const countables = countablesOf({ wiring, outputs, runningOrder, fed, keptSpare });
      return {
        wiring,
        links: matingsOf(wiring, links),
        sources: sourcesOf(wiring),
        countables,
        formats,
        settings: Object.fromEntries(
          inOrder(devices)
            .filter(([id]) => wiring.kindOf(id)?.family === 'computer' && isSource(wiring.kindOf(id)))
            .map(([id]) => [id, settingFor(wiring, id, format, formats)]),
        ),
        loops: loopsOf(wiring, links),
        latency: latencyOf(wiring, outputs, shots, { format, ...(delayAt && { delayAt }) }),
        screens: screensOf(wiring, outputs, format),
        outputs: fed,
        views: viewsOf(
          wiring,
          countables,
          aboard,
          inOrder(outputs).some(([, { kind }]) => kind === 'stream'),
        ),
        cameras: cameraLines(wiring, aboard),
        assemblies: assemblyVersions(wiring, kinds),
      };
    },
  );
}

/**
 * The exact setting of a computer’s screen output, in the words of its menu: what it gives, or what the device that it
 * is plugged into works in where that does not take it.
 */
function settingFor(
  wiring: PlanWiring,
  id: string,
  house: Format,
  formats: Readonly<Record<string, LinkFormat>>,
): Figure {
  const port = portInUse(wiring, id);
  const [link, lead] = wiring.outOf(id).find(([key]) => formats[key]) ?? [];
  const refused = link !== undefined && formats[link]?.taken.value !== 'yes';
  const sink = refused ? wiring.devices[lead?.to.device ?? ''] : undefined;
  const gives = givenBy(wiring, id, port, house);
  if (typeof gives.value !== 'string') return gives;
  return sink
    ? found(settingOf(sink.format ?? house), '', `what ${sink.label} works in, since it takes nothing else`)
    : found(settingOf(gives.value), '', gives.working.method ?? '', gives.working.terms);
}

export const signal: Station<SignalReads, SignalResult> = {
  name: 'signal',
  compute: (reads, _parts, memo) => compute(reads, memo),
};
