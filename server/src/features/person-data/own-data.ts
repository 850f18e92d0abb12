/** All that is kept of somebody in a house, as they may ask to see it (GDPR, articles 15 and 20). */
import type { PersonData } from '@idle-satchel/core/api';
import { FactorRows } from '../../database/factor-rows.js';
import type { PersonRows } from '../../database/person-rows.js';
import type { Somebody } from './known-as.js';

export async function dataOf(
  rows: PersonRows,
  { id, person, account, names }: Somebody,
  /** The session that asks. */
  session?: string,
): Promise<PersonData> {
  const factors = new FactorRows(rows.sequelize);
  return {
    ...(id !== undefined && { id }),
    ...(person && { person }),
    ...(account && { account, factors: await factors.factorsOf(account.id) }),
    sessions: account
      ? (await factors.sessionsOf(account.id)).map(each => ({ ...each, own: each.id === session }))
      : [],
    events: await rows.namedAt(id, names),
    ...(await rows.madeBy(account?.id, names)),
    audit: account ? await rows.auditOf(account.id) : [],
  };
}
