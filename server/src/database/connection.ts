import { Sequelize } from 'sequelize';
import { initModels } from './models.js';

/** A pool of connections to Postgres, with the models bound to it. */
export function connect(url: string): Sequelize {
  const sequelize = new Sequelize(url, { dialect: 'postgres', logging: false, pool: { max: 8 } });
  initModels(sequelize);
  return sequelize;
}
