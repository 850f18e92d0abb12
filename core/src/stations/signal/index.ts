/** Signal: devices, ports and links – what reaches what, and by which plug. */
import type { Link } from '../../documents/index.js';
import { inOrder, resultOf, wiringOf, type MapOf } from '../../foundations/index.js';
import type { Station } from '../station.js';
import { assemblyVersions, plugged } from './assemblies.js';
import { aboardOf, cameraLines } from './camera-lines.js';
import { switcherLines } from './switcher-lines.js';
import { resourcesOf } from './resources.js';
import { fedOutputs } from './fed-by.js';
import { SIGNAL_FIGURES } from './figures.js';
import { linkFormats } from './formats.js';
import { OwnedLeads } from './lead-ends.js';
import { latencyOf, screensOf } from './latency.js';
import { loopsOf } from './loops.js';
import { portFitsOf } from './port-fit.js';
import type { PlanWiring, SignalReads, SignalResult } from './result.js';
import { settingsOf } from './settings.js';
import { soundOf } from './sound.js';
import { sourcesOf } from './sources.js';
import { viewsOf } from './views.js';

export type * from './result.js';

export const signal: Station<SignalReads, SignalResult> = {
  name: 'signal',
  figures: SIGNAL_FIGURES,
  compute(reads, parts) {
    const links = () => reads.links;
    const outputs = () => reads.outputs;
    const shots = () => reads.shots;
    const house = () => reads.rules.format;
    const kinds = () => reads.kinds.kinds;
    const wiring = parts.part('wiring', { devices: () => reads.devices, kinds, links }, wired);
    const leads = parts.part(
      'owned leads',
      { kinds: () => reads.kinds, shelf: () => reads.shelf },
      known => new OwnedLeads(known),
    );
    const aboard = parts.part('aboard', { wiring }, aboardOf);
    const formats = parts.part('formats', { wiring, links, house }, linkFormats);
    const fed = parts.part('outputs', { wiring, outputs, house }, fedOutputs);
    const countables = parts.part(
      'countables',
      {
        wiring,
        outputs,
        fed,
        runningOrder: () => reads.runningOrder,
        keptSpare: () => reads.rules.keptSpare ?? 0,
      },
      resourcesOf,
    );
    const beside = () => reads.besideMixer;
    const delayAt = () => reads.rules.delayAt;
    return resultOf<SignalResult>({
      wiring,
      leads,
      formats,
      countables,
      outputs: fed,
      links: parts.part('links', { wiring, links, leads }, portFitsOf),
      sources: parts.part('sources', { wiring, outputs }, sourcesOf),
      settings: parts.part('settings', { wiring, house, formats }, settingsOf),
      loops: parts.part('loops', { wiring, links }, loopsOf),
      sound: parts.part('sound', { wiring, outputs }, soundOf),
      latency: parts.part('latency', { wiring, outputs, shots, house, delayAt }, latencyOf),
      screens: parts.part('screens', { wiring, outputs, house }, screensOf),
      views: parts.part(
        'views',
        { wiring, countables, aboard, beside, streams: () => streamsAny(reads) },
        viewsOf,
      ),
      cameras: parts.part('cameras', { wiring, aboard, beside }, cameraLines),
      switchers: parts.part('switchers', { wiring }, switcherLines),
      plugged: parts.part('plugged', { wiring, links, assemblies: () => reads.kinds.assemblies }, plugged),
      assemblies: parts.part(
        'assemblies',
        { wiring, assemblies: () => reads.kinds.assemblies },
        assemblyVersions,
      ),
    });
  },
};

const wired = ({
  devices,
  kinds,
  links,
}: {
  readonly devices: SignalReads['devices'];
  readonly kinds: SignalReads['kinds']['kinds'];
  readonly links: MapOf<Link> | undefined;
}): PlanWiring => wiringOf(devices, kinds, links);

const streamsAny = ({ outputs }: SignalReads): boolean =>
  inOrder(outputs).some(([, { kind }]) => kind === 'stream');
