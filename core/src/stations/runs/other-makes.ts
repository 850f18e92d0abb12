/** Offering another make of cable for a run. */
import type { Link } from '../../documents/index.js';
import type { Fix, MapOf } from '../../foundations/index.js';
import type { RunsResult } from './index.js';
import { CABLE_MAKES_BY_CONNECTOR, MAKE_WORDS } from './makes.js';
import { fix, inPlan } from '../../edits.js';

/** Every other make with the same connector, as an edit of the link; cables that were accepted for the old one go. */
export function otherMakes(runs: RunsResult['runs'], links: MapOf<Link> | undefined, id: string): Fix[] {
  const run = runs[id];
  if (!run) return [];
  const accepted = links?.[id]?.cables !== undefined;
  return (CABLE_MAKES_BY_CONNECTOR[run.connector] ?? [])
    .filter(make => make !== run.asked)
    .map(make => {
      const edit = inPlan().put('links', id, 'make', make);
      return fix(`Use ${MAKE_WORDS[make]} for it`, accepted ? edit.drop('links', id, 'cables') : edit);
    });
}
