/** Cases that were put in as assemblies: which version they are, which is the newest, and what arrives plugged. */
import type { Kinds, Link } from '../../documents/index.js';
import { given, inOrder, type Figure, type MapOf } from '../../foundations/index.js';
import { carriedBy } from '../equipment.js';
import { assemblyNewer, assemblyNewest, assemblyVersion } from './figures.js';
import type { PlanWiring } from './result.js';

export interface AssemblyVersions {
  readonly version: Figure;
  readonly newest: Figure;
  readonly newer: Figure;
}

const NOT_KEPT = 'the assembly is not kept any more';

export const assemblyVersions = ({
  wiring,
  assemblies,
}: {
  readonly wiring: PlanWiring;
  readonly assemblies: Kinds['assemblies'];
}): Readonly<Record<string, AssemblyVersions>> =>
  Object.fromEntries(
    inOrder(wiring.devices).flatMap(([id, { assembly }]): [string, AssemblyVersions][] => {
      if (!assembly) return [];
      const own = given('version', assembly.version, '', 'plan', `/devices/${id}/assembly/version`);
      const known = assemblies?.[assembly.id];
      const newest =
        known && given('newest', known.version, '', 'kinds', `/assemblies/${assembly.id}/version`);
      const versions: AssemblyVersions = {
        version: assemblyVersion.calc([id], [own]),
        newest: newest ? assemblyNewest.calc([id], [newest]) : assemblyNewest.unknown([id], NOT_KEPT),
        newer: newest ? assemblyNewer.calc([id], [newest, own]) : assemblyNewer.unknown([id], NOT_KEPT),
      };
      return [[id, versions]];
    }),
  );

/** Leads that arrive plugged, each with its case: those that were saved with it, as long as both ends are in it. */
export function plugged({
  wiring,
  links,
  assemblies,
}: {
  readonly wiring: PlanWiring;
  readonly links: MapOf<Link> | undefined;
  readonly assemblies: Kinds['assemblies'];
}): Readonly<Record<string, string>> {
  const saved = new Map(
    Object.entries(assemblies ?? {}).map(([id, each]) => [
      id,
      new Set(inOrder(each.links).map(([, { from, to }]) => `${endOf(from)} ${endOf(to)}`)),
    ]),
  );
  if (saved.size === 0) return NOTHING;
  return Object.fromEntries(
    inOrder(links).flatMap(([id, { from, to }]): [string, string][] => {
      const box = caseOf(wiring, from.device);
      if (box === undefined || box !== caseOf(wiring, to.device)) return [];
      const { id: of = '' } = wiring.devices[box]?.assembly ?? {};
      const part = (end: Link['from']): string =>
        endOf({
          ...end,
          device: end.device === box ? (assemblies?.[of]?.carrier ?? '') : (partOf(wiring, end.device) ?? ''),
        });
      return saved.get(of)?.has(`${part(from)} ${part(to)}`) ? [[id, box]] : [];
    }),
  );
}

const NOTHING: Readonly<Record<string, string>> = {};

const endOf = ({ device = '', port = '' }: Link['from']): string => `${device}.${port}`;
const partOf = (wiring: PlanWiring, id = ''): string | undefined => wiring.devices[id]?.part;

/** The assembled case that a device is, or is in. */
function caseOf(wiring: PlanWiring, device: string | undefined): string | undefined {
  const met = new Set<string>();
  for (let at = device; at !== undefined && !met.has(at); at = carriedBy(wiring.devices[at]?.place)) {
    met.add(at);
    if (wiring.devices[at]?.assembly) return at;
  }
  return undefined;
}
