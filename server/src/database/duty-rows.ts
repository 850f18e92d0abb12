/** Who was, is and will be on duty at events: asked of all plans of a house at once. */
import { Scope } from './scope.js';

/** An event with everybody who is put on a role of it and did not say no. */
export interface EventDuties {
  readonly event: string;
  readonly label: unknown;
  readonly start: unknown;
  readonly zone: unknown;
  readonly people: readonly string[];
}

export class DutyRows extends Scope {
  /** Events that begin from one instant to another, in the order in which they begin; ways of doing one are none by themselves. */
  dutiesBetween(from: string, to: string): Promise<EventDuties[]> {
    return this.select(
      `SELECT id AS event, body ->> 'label' AS label, body ->> 'start' AS start, body ->> 'zone' AS zone,
         (SELECT coalesce(jsonb_agg(DISTINCT a.value ->> 'person'), '[]')
          FROM jsonb_each(CASE jsonb_typeof(body -> 'assignments') WHEN 'object' THEN body -> 'assignments' ELSE '{}' END) a
          WHERE coalesce(a.value -> 'answer' ->> 'how', '') <> 'no' AND a.value ->> 'person' IS NOT NULL) AS people
       FROM documents WHERE organisation_id = $1 AND kind = 'plan' AND body -> 'parent' IS NULL
         AND sort_key >= $2 AND sort_key < $3 ORDER BY sort_key, id`,
      from,
      to,
    );
  }
  /** Events that end after an instant, as far as their start tells, in which somebody is on a role or said no to one. */
  async eventsOf(person: string, after: string): Promise<string[]> {
    const rows = await this.select<{ id: string }>(
      `SELECT id FROM documents WHERE organisation_id = $1 AND kind = 'plan' AND body -> 'parent' IS NULL AND sort_key > $3
         AND jsonb_path_exists(body, '$.assignments.*.person ? (@ == $p)', jsonb_build_object('p', $2::text))
       ORDER BY sort_key, id LIMIT 100`,
      ...[person, after],
    );
    return rows.map(({ id }) => id);
  }
  /** Roles at events after an instant that somebody would hand over. */
  swaps(
    after: string,
  ): Promise<{ readonly event: string; readonly role: string; readonly person: string }[]> {
    return this.select(
      `SELECT d.id AS event, a.value ->> 'role' AS role, a.value ->> 'person' AS person
       FROM documents d, jsonb_each(CASE jsonb_typeof(body -> 'assignments') WHEN 'object' THEN body -> 'assignments' ELSE '{}' END) a
       WHERE organisation_id = $1 AND kind = 'plan' AND body -> 'parent' IS NULL AND sort_key > $2
         AND a.value -> 'answer' ->> 'how' = 'swap' ORDER BY sort_key, d.id, role`,
      after,
    );
  }
}

export const dutiesOf = ({ sequelize, organisationId, actor }: Scope): DutyRows =>
  new DutyRows(sequelize, organisationId, null, actor);
