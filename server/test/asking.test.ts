/** How people are asked: by mail or by hand, by way of whoever answers for them; what is kept of it. */
import type { MyDuties, RequestMade, Requests } from '@idle-satchel/core/api';
import { SMTPServer } from 'smtp-server';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { postBy, type Mail, type Post } from '../src/features/requests/post.js';
import { setUp, type Setup } from './helper.js';
import { browser, member, SERVING, signedIn, type Agent } from './people.js';

const API = '/api/v1';

/** What would have been sent. */
const sent: Mail[] = [];
let refuses = false;
const post: Post = {
  sends: true,
  send: mail => {
    if (refuses)
      return Promise.reject(Object.assign(new Error(`no such mailbox ${mail.to}`), { code: 'EENVELOPE' }));
    sent.push(mail);
    return Promise.resolve();
  },
};

let setup: Setup;
let owner: Agent;
beforeAll(async () => {
  setup = await setUp({ demo: false, post });
  await member(setup, 'olwen', 'owner');
  await member(setup, 'pia', 'planner');
  owner = await signedIn(setup, 'olwen');
});
afterAll(() => setup.close());

const TEXT = 'Come, please: {link}';
const request = (agent: Agent, body: object) =>
  agent
    .post(`${API}/requests`)
    .send({ person: SERVING, way: 'by hand', subject: 'Help', text: TEXT, ...body });
const look = async (token: string): Promise<MyDuties> =>
  (await browser(setup).post(`${API}/duties/look`).send({ token })).body as MyDuties;

describe('asking people', () => {
  it('by mail needs an address of theirs, and of those under 18 of whoever answers for them', async () => {
    const planner = await signedIn(setup, 'pia');
    expect((await request(planner, { way: 'mail' })).status).toBe(409);
    await owner.patch(`${API}/people/${SERVING}`).send({ mail: 'petra@example.org' });
    const made = (await request(planner, { way: 'mail' })).body as RequestMade;
    // Whoever plans sees neither the address nor the link of a message that was sent.
    expect([made.state, made.text]).toEqual(['sent', undefined]);
    expect(sent.at(-1)).toMatchObject({ to: 'petra@example.org', subject: 'Help' });
    const token = /#(\S+)$/.exec(sent.at(-1)?.text ?? '')?.[1] ?? '';
    expect((await look(token)).name).toBe('Petra Lund');
    await owner.patch(`${API}/people/rufusadeye`).send({ mail: 'rufus@example.org' });
    expect((await request(owner, { way: 'mail', person: 'rufusadeye' })).status).toBe(409);
    const guardian = { name: 'Comfort Adeyemi', mail: 'comfort@example.org' };
    await owner.patch(`${API}/people/rufusadeye`).send({ guardian });
    await request(owner, { way: 'mail', person: 'rufusadeye' }).expect(201);
    expect(sent.at(-1)?.to).toBe('comfort@example.org');
  });

  it('keeps what was sent without the link, and says what could not be', async () => {
    refuses = true;
    const failed = (await request(owner, { way: 'mail' })).body as RequestMade;
    refuses = false;
    expect([failed.state, failed.why]).toEqual(['failed', 'the mail server did not take it']);
    const { messages, links, sends, replyDays } = (await owner.get(`${API}/requests`)).body as Requests;
    expect([sends, replyDays]).toEqual([true, 7]);
    expect(messages[0]).toMatchObject({ person: SERVING, state: 'failed', text: TEXT });
    expect(links.some(({ person }) => person === SERVING)).toBe(true);
  });

  it.each([
    [{ text: 'no place for it' }, 422],
    [{ person: 'nobodyhere1' }, 404],
    [{ way: 'pigeon' }, 422],
    [{ subject: '' }, 422],
  ])('%j is refused with %i', async (body, status) => {
    expect((await request(owner, body)).status).toBe(status);
  });

  it('sends by a mail server that was set up, and speaks no plain text beyond this machine', async () => {
    const got: string[] = [];
    const server = new SMTPServer({
      ...{ authOptional: true, disabledCommands: ['STARTTLS'], logger: false },
      onData: (stream, _session, done) => {
        stream.on('data', (chunk: Buffer) => got.push(chunk.toString()));
        stream.on('end', () => done());
      },
    });
    await new Promise<void>(resolve => server.listen(0, '127.0.0.1', resolve));
    const { port } = server.server.address() as { port: number };
    const mail = postBy(`smtp://127.0.0.1:${port}`, 'house@example.org');
    await mail.send({ to: 'petra@example.org', subject: 'Hólmfríður?', text: 'Come, please\n' });
    await new Promise<void>(resolve => server.close(resolve));
    expect(mail.sends).toBe(true);
    expect(got.join('')).toMatch(/From: house@example\.org[^]*To: petra@example\.org[^]*Come, please/);
    expect(() => postBy('https://mail.example', 'house@example.org')).toThrow('smtp://');
  });
});
