/** The table of roles as the server keeps it: every route by every role, and by somebody of another house. */
import { may } from '@idle-satchel/core/access';
import { ROUTES, type Contract, type RouteName } from '@idle-satchel/core/api';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { ALL_ROLES, API, EveryRole, OTHER_EVENT } from './every-role.js';
import { browser, type Agent } from './people.js';

let every: EveryRole;
beforeAll(async () => {
  every = await EveryRole.signIn();
});
afterAll(() => every.setup.close());

const names = Object.keys(ROUTES) as RouteName[];
const guarded = names.filter(name => ROUTES[name].needs !== 'open');

/** Asks for a route with nothing to say, of a thing that there is or of one that belongs to the other house. */
function ask(agent: Agent, name: RouteName, own: (kind: string) => string = kind => every.ids[kind] ?? '') {
  const [method = '', path = ''] = name.split(' ');
  const kind = path.split('/')[1] ?? '';
  return agent[method.toLowerCase() as 'get'](`${API}${path.replace(':id', own(kind))}`).send(
    method === 'GET' ? undefined : {},
  );
}

// Last of all are those that end what the others need.
const ENDING = new Set<string>(['POST /session/end', 'POST /sessions/end-others']);
const walked = guarded.filter(name => name !== 'GET /live' && !ENDING.has(name));

describe('every route', () => {
  it.each(walked)('%s is for those whom the table names', async name => {
    const { needs }: Contract = ROUTES[name];
    for (const role of ALL_ROLES) {
      const { status } = await ask(every.agents[role], name);
      const allowed = needs !== 'open' && may(role, needs[0], needs[1]);
      if (allowed) expect([401, 403], `${role}: ${status}`).not.toContain(status);
      else expect(status, role).toBe(403);
    }
    expect((await ask(browser(every.setup), name)).status).toBe(401);
  });

  const ofEvents = walked.filter(name => name.includes(' /events/:id'));
  it.each(ofEvents)('%s is of no event that is not theirs', async name => {
    const { needs }: Contract = ROUTES[name];
    for (const role of ['hand', 'guest'] as const) {
      const { status } = await ask(every.agents[role], name, () => OTHER_EVENT);
      expect(status).toBe(needs !== 'open' && may(role, needs[0], needs[1]) ? 404 : 403);
    }
  });

  const ofThings = walked.filter(name => name.includes(':id') && !name.startsWith('PUT /'));
  it.each(ofThings)('%s gives nothing of another house', async name => {
    const answer = await ask(every.stranger, name);
    const { status } = answer;
    // A list of what is not there is empty.
    const listed =
      status === 200
        ? Object.values(answer.body as object)
            .flat()
            .filter(Boolean)
        : [];
    expect([200, 404, 422]).toContain(status);
    expect(listed).toEqual([]);
  });
});
