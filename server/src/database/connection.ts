import { Sequelize } from 'sequelize';
import { initModels } from './models.js';

/** Limits that keep one query, or one that was forgotten, from holding up the others, ms. */
const LIMITS = {
  statement_timeout: 20_000,
  lock_timeout: 5_000,
  idle_in_transaction_session_timeout: 15_000,
  connectionTimeoutMillis: 5_000,
};

/** Connections of one process. */
const MOST = 8;

/**
 * A pool of connections to Postgres, with the models bound to it. `patient` ones may take as long as it takes: changing
 * the shape of a large database does.
 */
export function connect(
  url: string,
  { patient = false, most = MOST }: { readonly patient?: boolean; readonly most?: number } = {},
): Sequelize {
  const sequelize = new Sequelize(url, {
    dialect: 'postgres',
    logging: false,
    pool: { max: most, acquire: 10_000 },
    dialectOptions: { keepAlive: true, ...(!patient && LIMITS) },
  });
  initModels(sequelize);
  return sequelize;
}
