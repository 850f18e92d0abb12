/** Offering another make of cable for a run. */
import { CABLE_MAKES_BY_CONNECTOR, MAKE_WORDS } from './makes.js';
import type { Fix } from '../../foundations/index.js';
import type { Seen } from '../station.js';
import type { RunsReads, RunsResult } from './index.js';

/** Every other make with the same connector, as an edit of the link. */
export function* otherMakes({ own }: Seen<RunsReads, RunsResult>, id: string): Generator<Fix> {
  const run = own.runs[id];
  if (!run) return;
  for (const make of CABLE_MAKES_BY_CONNECTOR[run.connector] ?? []) {
    if (make === run.make) continue;
    yield {
      label: `Use ${MAKE_WORDS[make]} for it`,
      changes: [{ document: 'plan', patch: [{ op: 'add', path: `/links/${id}/make`, value: make }] }],
    };
  }
}
