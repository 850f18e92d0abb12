/** Which events are those of a hand or a guest: asked of the database, since each is a document of its own. */
import { seesEveryEvent } from '@idle-satchel/core/access';
import { OwnRows } from './own-rows.js';

/** As `servingAt` of the core tells it of a plan: whoever is on a role, or named at a lift. */
const SERVES = `(id = $3 OR jsonb_path_exists(body, '$.assignments.*.person ? (@ == $p)', jsonb_build_object('p', $2::text))
  OR jsonb_path_exists(body, '$.devices.*.liftedBy[*] ? (@ == $p)', jsonb_build_object('p', $2::text)))`;

export class ServedRows extends OwnRows {
  /** Events of whoever asks; undefined where they see every one. */
  async servedEvents(): Promise<ReadonlySet<string> | undefined> {
    const { role, person, event } = this.viewer;
    if (seesEveryEvent(role)) return undefined;
    const rows = await this.select<{ id: string }>(
      `SELECT id FROM documents WHERE organisation_id = $1 AND kind = 'plan' AND ${SERVES}`,
      ...[role === 'hand' ? (person ?? '') : '', role === 'guest' ? (event ?? '') : ''],
    );
    return new Set(rows.map(({ id }) => id));
  }
  /** Whether an event of whoever asks is at a venue. */
  async servesAt(venue: string): Promise<boolean> {
    const { role, person, event } = this.viewer;
    const rows = await this.select(
      `SELECT 1 FROM documents WHERE organisation_id = $1 AND kind = 'plan' AND body -> 'venue' ->> 'id' = $4
         AND ${SERVES} LIMIT 1`,
      ...[role === 'hand' ? (person ?? '') : '', role === 'guest' ? (event ?? '') : '', venue],
    );
    return rows.length > 0;
  }
}
