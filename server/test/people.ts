/** People who sign in: an account in each role of the demo organisation, and browsers that they use. */
import { newId } from '@idle-satchel/core';
import type { MemberRole } from '@idle-satchel/core/access';
import supertest from 'supertest';
import { AccountRows } from '../src/database/account-rows.js';
import { hashPassword } from '../src/features/accounts/passwords.js';
import type { Setup } from './helper.js';

export const PASSWORD = 'seven geese over the weir';
export const HOUSE = 'orgquillmere';
export const OTHER_HOUSE = 'orgzcedarhol';
/** Of the demo: one who serves on Friday, and one who does not. */
export const SERVING = 'petralund1';

export type Agent = ReturnType<typeof supertest.agent>;

/** A browser of its own: it keeps its cookies. */
export const browser = ({ app }: Setup): Agent => supertest.agent(app);

/** Makes an account that comes into an organisation in a role. */
export async function member(
  { sequelize }: Setup,
  login: string,
  role: MemberRole,
  {
    house = HOUSE,
    person,
    name = `${login[0]?.toUpperCase()}${login.slice(1)} Tester`,
  }: { readonly house?: string; readonly person?: string; readonly name?: string } = {},
): Promise<string> {
  const rows = new AccountRows(sequelize);
  const id = newId();
  await rows.createAccount({ id, login, name, password: await hashPassword(PASSWORD) });
  await rows.saveMember(house, id, { role, person });
  return id;
}

/** A browser in which somebody has signed in. */
export async function signedIn(setup: Setup, login: string): Promise<Agent> {
  const agent = browser(setup);
  const answer = await agent.post('/api/v1/session').send({ login, password: PASSWORD });
  if (answer.status !== 200) throw new Error(`${login} cannot sign in: ${answer.text}`);
  return agent;
}
