/** Work as it went at events: asked of all plans of a house at once. */
import { Scope } from './scope.js';

/** A piece of work that was done, as its plan has it. */
export interface WorkRow {
  readonly event: string;
  readonly sort: string;
  readonly usual: number;
  readonly begun: string;
  readonly done: string;
}

/** So many pieces of work are looked at, the latest events first. */
const MOST = 20_000;

export class WorkRows extends Scope {
  /** Ways of doing an event are none by themselves. */
  workDone(): Promise<WorkRow[]> {
    return this.select(
      `SELECT id AS event, w.value ->> 'sort' AS sort, (w.value ->> 'usual')::float AS usual,
         w.value ->> 'begun' AS begun, w.value ->> 'done' AS done
       FROM documents, jsonb_each(CASE jsonb_typeof(body -> 'workLog') WHEN 'object' THEN body -> 'workLog' ELSE '{}' END) w
       WHERE organisation_id = $1 AND kind = 'plan' AND body -> 'parent' IS NULL AND w.value ->> 'done' IS NOT NULL
       ORDER BY sort_key DESC, id, w.key LIMIT ${MOST}`,
    );
  }
}

export const workRowsOf = ({ sequelize, organisationId, actor }: Scope): WorkRows =>
  new WorkRows(sequelize, organisationId, null, actor);
