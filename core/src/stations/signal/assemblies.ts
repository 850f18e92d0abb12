/** Cases that were put in as assemblies: which version they are, and which is the newest. */
import type { Kinds } from '../../documents/index.js';
import { given, inOrder, type Figure } from '../../foundations/index.js';
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
