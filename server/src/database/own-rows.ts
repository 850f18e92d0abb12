/** Rows of one organisation: the condition that every query carries, inside a transaction or not. */
import type { Viewer } from '@idle-satchel/core/access';
import type pg from 'pg';
import {
  QueryTypes,
  UniqueConstraintError,
  type Model,
  type Sequelize,
  type Transaction,
  type WhereOptions,
} from 'sequelize';

export type Fields<Row> = { [Key in Exclude<keyof Row, keyof Model>]: Row[Key] };

/** In whose name rows are read and written: as whom they look, and what they sign with. */
export interface Actor {
  readonly viewer: Viewer;
  readonly account?: string;
  /** Absent where they sign with what they say. */
  readonly name?: string;
}

/** The program itself, which sees everything. */
const ITSELF: Actor = { viewer: { role: 'owner' } };

export class OwnRows {
  constructor(
    readonly sequelize: Sequelize,
    readonly organisationId: string,
    protected readonly transaction: Transaction | null = null,
    readonly actor: Actor = ITSELF,
  ) {}

  get viewer(): Viewer {
    return this.actor.viewer;
  }

  /** Whether what is read and written here may yet be taken back as a whole. */
  get isTentative(): boolean {
    return this.transaction !== null;
  }

  protected within(where: Record<string | symbol, unknown>): {
    where: WhereOptions;
    transaction: Transaction | null;
  } {
    return { where: { ...where, organisationId: this.organisationId }, transaction: this.transaction };
  }

  protected owned<T extends object>(values: T): T & { organisationId: string } {
    return { ...values, organisationId: this.organisationId };
  }

  /** The rows of a query in SQL, whose `$1` is the organisation. The same text is prepared once for each connection. */
  protected async select<Row extends object>(sql: string, ...bind: unknown[]): Promise<Row[]> {
    const values = [this.organisationId, ...bind];
    const { sequelize, transaction } = this;
    if (transaction) {
      return sequelize.query<Row>(sql, { bind: values, type: QueryTypes.SELECT, transaction, raw: true });
    }
    const { connectionManager } = sequelize;
    const client = (await connectionManager.getConnection({ type: 'write' })) as pg.Client;
    try {
      return (await client.query<Row>({ name: nameOf(sql), text: sql, values })).rows;
    } finally {
      connectionManager.releaseConnection(client);
    }
  }
}

const names = new Map<string, string>();

/** The name under which a query is prepared. */
function nameOf(sql: string): string {
  const name = names.get(sql) ?? `q${names.size}`;
  names.set(sql, name);
  return name;
}

/** Postgres: what must be there once is there already. */
const UNIQUE_VIOLATION = '23505';

/** Whether something could not be kept because its id, or its tape code, is taken. */
export const isTaken = (error: unknown): boolean =>
  error instanceof UniqueConstraintError || (error as { code?: unknown } | null)?.code === UNIQUE_VIOLATION;
