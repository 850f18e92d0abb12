/** Cases that were put in as assemblies: which version they are, and which is the newest. */
import type { Kinds } from '../../documents/index.js';
import { calc, given, inOrder, unknown, type Figure } from '../../foundations/index.js';
import type { PlanWiring } from './index.js';

export interface AssemblyVersions {
  readonly version: Figure;
  readonly newest: Figure;
  readonly newer: Figure;
}

export const assemblyVersions = (
  wiring: PlanWiring,
  { assemblies }: Kinds,
): Record<string, AssemblyVersions> =>
  Object.fromEntries(
    inOrder(wiring.devices).flatMap(([id, { assembly }]): [string, AssemblyVersions][] => {
      if (!assembly) return [];
      const own = given('version', assembly.version, '', 'plan', `/devices/${id}/assembly/version`);
      const known = assemblies?.[assembly.id];
      const newest = known
        ? calc('', 'newest', [
            given('newest', known.version, '', 'kinds', `/assemblies/${assembly.id}/version`),
          ])
        : unknown('', 'the assembly is not kept any more');
      return [
        [
          id,
          {
            version: calc('', 'version', [own]),
            newest,
            newer: known
              ? calc('', 'newest > version', [
                  given('newest', known.version, '', 'kinds', `/assemblies/${assembly.id}/version`),
                  own,
                ])
              : unknown('', 'the assembly is not kept any more'),
          },
        ],
      ];
    }),
  );
