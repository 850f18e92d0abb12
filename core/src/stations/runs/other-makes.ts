/** Offering another make of cable for a run. */
import type { Link } from '../../documents/index.js';
import type { Fix, MapOf, Operation } from '../../foundations/index.js';
import type { RunsResult } from './index.js';
import { CABLE_MAKES_BY_CONNECTOR, MAKE_WORDS } from './makes.js';

/** Every other make with the same connector, as an edit of the link; cables that were accepted for the old one go. */
export function otherMakes(runs: RunsResult['runs'], links: MapOf<Link> | undefined, id: string): Fix[] {
  const run = runs[id];
  if (!run) return [];
  const gone: Operation[] = links?.[id]?.cables ? [{ op: 'remove', path: `/links/${id}/cables` }] : [];
  return (CABLE_MAKES_BY_CONNECTOR[run.connector] ?? [])
    .filter(make => make !== run.asked)
    .map(make => ({
      label: `Use ${MAKE_WORDS[make]} for it`,
      changes: [
        {
          document: 'plan',
          patch: [{ op: 'add', path: `/links/${id}/make`, value: make }, ...gone],
        },
      ],
    }));
}
