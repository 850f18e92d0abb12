/** Asks each route of accounts once, by somebody of its own, with whatever must be there before. */
import { newId } from '@idle-satchel/core';
import type { RouteName } from '@idle-satchel/core/api';
import { Secret, TOTP } from 'otpauth';
import { API } from '../src/route.js';
import { FRIDAY, type Setup } from './helper.js';
import { member, PASSWORD, SERVING, signedIn, type Agent } from './people.js';
import { SoftwareAuthenticator } from './software-authenticator.js';

/** Addresses of accounts, and of links. */
export const ACCOUNTS =
  /^\/(session|account|first-start|members|invitations|guest-links|duties|duty-links|calendar|requests)/;

const HOST = 'localhost';
const origin = `http://${HOST}`;
const OWN = { password: PASSWORD };

const REQUEST = { person: SERVING, way: 'by hand', subject: 'Help', text: 'Come: {link}' };
const tokenIn = (text: string): string => text.slice(text.indexOf('#') + 1);

/** What a route is asked with: the id in its address, and its body. */
interface With {
  readonly id?: string;
  readonly body?: object;
}

class Asking {
  constructor(
    private readonly setup: Setup,
    private readonly agent: Agent,
    private readonly login: string,
  ) {}

  async made<Answer extends object = { id: string; token: string }>(
    path: string,
    body: object = {},
  ): Promise<Answer> {
    return (await this.agent.post(`${API}${path}`).set('host', HOST).send(body)).body as Answer;
  }
  private readonly invited = () => this.made('/invitations', { role: 'hand', name: 'Nia' });
  private readonly link = () => this.made('/guest-links', { event: FRIDAY, label: 'Choir', days: 1 });
  private readonly account = async (): Promise<string> =>
    ((await this.agent.get(`${API}/session`)).body as { account: string }).account;

  /** A personal link, made to be sent by hand. */
  private async duties(): Promise<{ id: string; token: string }> {
    const { id, text } = await this.made<{ id: string; text: string }>('/requests', REQUEST);
    return { id, token: text };
  }
  private readonly dutyToken = async () => ({ token: tokenIn((await this.duties()).token) });

  /** The code of an authenticator that is offered. */
  private async code(): Promise<string> {
    const { secret } = await this.made<{ secret: string }>('/account/authenticator', OWN);
    return new TOTP({ secret: Secret.fromBase32(secret) }).generate();
  }
  private async confirmed(): Promise<With> {
    await this.agent.put(`${API}/account/authenticator`).send({ code: await this.code() });
    return { body: OWN };
  }
  private async challenge(path: string, body: object): Promise<string> {
    return (await this.made<{ options: { challenge: string } }>(path, body)).options.challenge;
  }
  private async newPasskey(device = new SoftwareAuthenticator()): Promise<object> {
    const challenge = await this.challenge('/account/passkey-options', OWN);
    return { label: 'Phone', credential: device.register({ challenge, origin }) };
  }
  private async session(): Promise<string> {
    const { sessions } = (await this.agent.get(`${API}/sessions`)).body as { sessions: { id: string }[] };
    return sessions[0]?.id ?? '';
  }

  readonly before: Partial<Record<RouteName, () => Promise<With>>> = {
    'POST /session': () => Promise.resolve({ body: { login: this.login, ...OWN } }),
    'POST /sessions/:id/end': async () => ({ id: await this.session() }),
    'PUT /account/password': () => Promise.resolve({ body: { ...OWN, next: PASSWORD } }),
    'PUT /account/pin': () => Promise.resolve({ body: { ...OWN, pin: '2580' } }),
    'POST /account/erase': () => Promise.resolve({ body: OWN }),
    'POST /account/authenticator': () => Promise.resolve({ body: OWN }),
    'PUT /account/authenticator': async () => ({ body: { code: await this.code() } }),
    'POST /account/authenticator/end': () => this.confirmed(),
    'POST /account/recovery-codes': () => this.confirmed(),
    'POST /account/passkey-options': () => Promise.resolve({ body: OWN }),
    'POST /account/passkeys': async () => ({ body: await this.newPasskey() }),
    'POST /account/passkeys/:id/end': async () => {
      const { passkeys } = await this.made<{ passkeys: { id: string }[] }>(
        '/account/passkeys',
        await this.newPasskey(),
      );
      return { id: passkeys[0]?.id ?? '', body: OWN };
    },
    'POST /session/passkey': async () => {
      const device = new SoftwareAuthenticator();
      await this.made('/account/passkeys', await this.newPasskey(device));
      const challenge = await this.challenge('/session/passkey-options', {});
      return { body: { credential: device.answer({ challenge, origin }) } };
    },
    'POST /session/person': async () => {
      await this.agent.put(`${API}/account/pin`).send({ ...OWN, pin: '2580' });
      return { body: { account: await this.account(), pin: '2580' } };
    },
    'PATCH /members/:id': async () => ({
      id: await member(this.setup, newId(), 'hand'),
      body: { role: 'planner' },
    }),
    'POST /members/:id/end': async () => ({ id: await member(this.setup, newId(), 'hand') }),
    'POST /invitations': () => Promise.resolve({ body: { role: 'hand', name: 'Nia', person: SERVING } }),
    'POST /invitations/:id/end': async () => ({ id: (await this.invited()).id }),
    'POST /invitations/look': async () => ({ body: { token: (await this.invited()).token } }),
    'POST /invitations/accept': async () => ({ body: { token: (await this.invited()).token } }),
    'POST /guest-links': () => Promise.resolve({ body: { event: FRIDAY, label: 'Choir', days: 1 } }),
    'POST /guest-links/:id/end': async () => ({ id: (await this.link()).id }),
    'POST /requests': () => Promise.resolve({ body: REQUEST }),
    'POST /duty-links/:id/end': async () => ({ id: (await this.duties()).id }),
    'POST /duties/look': async () => ({ body: await this.dutyToken() }),
    'POST /duties/answer': async () => ({ body: { ...(await this.dutyToken()), event: FRIDAY, how: 'yes' } }),
    'POST /duties/take': async () => {
      const linkOf = async (person: string): Promise<string> =>
        tokenIn((await this.made<{ text: string }>('/requests', { ...REQUEST, person })).text);
      const own = { token: await linkOf('maudtarran'), event: FRIDAY };
      await this.made('/duties/answer', { ...own, how: 'swap' });
      return { body: { ...own, token: await linkOf('callumdrey'), role: 'floor' } };
    },
    'POST /duties/presence': async () => ({ body: { ...(await this.dutyToken()), presence: {} } }),
    'POST /duties/calendar': async () => ({ body: await this.dutyToken() }),
    'GET /calendar/:token': async () => ({
      id: (await this.made('/duties/calendar', await this.dutyToken())).token,
    }),
    'POST /guest-links/enter': async () => ({ body: { token: (await this.link()).token } }),
  };
}

export async function askedOfAccounts(setup: Setup, name: RouteName) {
  const [method = '', path = ''] = name.split(' ');
  const login = newId();
  await member(setup, login, 'owner');
  const agent = await signedIn(setup, login);
  const { id = '', body } = (await new Asking(setup, agent, login).before[name]?.()) ?? {};
  return agent[method.toLowerCase() as 'get'](`${API}${path.replace(/:id|:token/, id)}`)
    .set('host', HOST)
    .send(body);
}
