/** Rows of one organisation: the condition that every query carries, inside a transaction or not. */
import { QueryTypes, type Model, type Sequelize, type Transaction, type WhereOptions } from 'sequelize';

export type Fields<Row> = { [Key in Exclude<keyof Row, keyof Model>]: Row[Key] };

export class OwnRows {
  constructor(
    readonly sequelize: Sequelize,
    readonly organisationId: string,
    protected readonly transaction: Transaction | null = null,
  ) {}

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

  /** The rows of a query in SQL, whose `$1` is the organisation. */
  protected select<Row extends object>(sql: string, ...bind: unknown[]): Promise<Row[]> {
    return this.sequelize.query<Row>(sql, {
      bind: [this.organisationId, ...bind],
      type: QueryTypes.SELECT,
      transaction: this.transaction,
      raw: true,
    });
  }
}
