import { AccountRows } from '../../database/account-rows.js';
import { HeldLinks, linksOf } from '../../database/link-rows.js';
import { hashOf } from '../../gate/secrets.js';
import { invalid, notFound, Problem } from '../../problem.js';
import { openRoute, route, type Route } from '../../route.js';
import { factorRoutes } from './factor-routes.js';
import { firstStart } from './first-start.js';
import { invite, offerOf, takeUp } from './invitations.js';
import { newToken } from './link-token.js';
import { changeMember, endMember, endOwnSessions } from './members.js';
import { accountOf, proveOwn } from './own-password.js';
import { hashPassword, passwordFault } from './passwords.js';
import { setPin, takeOver } from './shared-device.js';
import { begin, ended, meOf, note, noted, signIn, signOut } from './sign-in.js';

const PAGE = 50;

const ownRoutes: readonly Route[] = [
  openRoute('GET /session', async ({ context, who }) => ({
    ...meOf(context, who),
    ...(!who && !(await new AccountRows(context.sequelize).hasOwner()) && { unowned: true }),
  })),
  openRoute('POST /session', async ({ context, response, body }) => {
    const who = await signIn(context, response, body);
    return { ...meOf(context, who), ...(!who && { wantsCode: true }) };
  }),
  route('POST /session/end', async ({ context, response, who }) => {
    await signOut(context, response, who);
    return meOf(context, undefined);
  }),
  openRoute('POST /first-start', async ({ context, response, body }) =>
    meOf(context, await firstStart(context, response, body)),
  ),
  route('GET /sessions', async ({ context, who }) => ({
    sessions: (await new AccountRows(context.sequelize).sessionsOf(accountOf(who))).map(each => ({
      ...each,
      own: each.id === who.session,
    })),
  })),
  route('POST /sessions/:id/end', async call => {
    const only = call.id();
    const count = await endOwnSessions(call.scope, accountOf(call.who), { only });
    if (count === 0) throw notFound('session');
    await noted(call, 'ended a session', '');
    return { ended: count };
  }),
  route('POST /sessions/end-others', async call => {
    const { who, scope } = call;
    const except = who.session ?? '';
    const count = await endOwnSessions(scope, accountOf(who), { except });
    await noted(call, 'ended other sessions', String(count));
    return { ended: count };
  }),
  route('PUT /account/password', async call => {
    const { context, who, response, body, scope } = call;
    const account = await proveOwn(context, who, response.req, body.password);
    const rows = new AccountRows(context.sequelize);
    const fault = passwordFault(body.next, [account.name, account.login]);
    if (fault !== undefined) throw invalid([{ path: '/next', reason: fault }]);
    await rows.savePassword(account.id, await hashPassword(body.next));
    await rows.endSessionsOf(account.id, { except: who.session ?? '' });
    const now = await begin(context, response, { organisation: scope.organisationId, account: account.id });
    await ended(context.sequelize, scope.organisationId);
    await noted(call, 'changed their password', '');
    return meOf(context, now);
  }),
];

const deviceRoutes: readonly Route[] = [
  route('PUT /account/pin', async call => {
    const { context, who, response, body } = call;
    const { id } = await proveOwn(context, who, response.req, body.password);
    await setPin(context, who.organisation, id, body.pin);
    await noted(call, 'set a PIN', '');
    return { ended: 0 };
  }),
  route('GET /session/people', async ({ scope }) => ({ people: await linksOf(scope).withPin() })),
  route('POST /session/person', async call => {
    const { context, who, body, response } = call;
    const next = await takeOver(context, who, body);
    await note(context.sequelize, next, response.req, 'took a device over', '');
    return meOf(context, next);
  }),
];

const memberRoutes: readonly Route[] = [
  route('GET /members', async ({ scope }) => ({ members: await linksOf(scope).members() })),
  route('PATCH /members/:id', async call => {
    const member = await changeMember(call.scope, call.id(), call.body);
    await noted(call, 'changed a role', `${member.name}: ${member.role}`);
    return member;
  }),
  route('POST /members/:id/end', async call => {
    const { ended: count, name } = await endMember(call.scope, call.id());
    await noted(call, 'let somebody in no more', name);
    return { ended: count };
  }),
  route('GET /invitations', async ({ scope }) => ({ invitations: await linksOf(scope).invitations() })),
  route('POST /invitations', async call => {
    const made = await invite(call.scope, call.body);
    await noted(call, 'made an invitation', `${call.body.name}, as ${call.body.role}`);
    return made;
  }),
  route('POST /invitations/:id/end', async call => {
    const count = await linksOf(call.scope).endInvitation(call.id());
    if (count === 0) throw notFound('invitation');
    await noted(call, 'took an invitation back', '');
    return { ended: count };
  }),
  openRoute('POST /invitations/look', ({ context, body }) => offerOf(context, body.token)),
  openRoute('POST /invitations/accept', async ({ context, response, body, who }) =>
    meOf(context, await takeUp(context, response, body, who)),
  ),
  route('GET /audit', async ({ scope, whole }) => {
    const entries = await linksOf(scope).audit(whole('before', 2 ** 30), PAGE);
    return { entries, next: entries.length === PAGE ? String(entries.at(-1)?.number ?? 1) : null };
  }),
];

const guestRoutes: readonly Route[] = [
  route('GET /guest-links', async ({ scope }) => ({ links: await linksOf(scope).guestLinks() })),
  route('POST /guest-links', async call => {
    const { scope, body } = call;
    if ((await scope.revisionOf(body.event))?.kind !== 'plan') {
      throw invalid([{ path: '/event', reason: 'is no event of this house' }]);
    }
    const { id, token, ends, endsAt, hash } = newToken(body.days);
    await linksOf(scope).createGuestLink({ id, hash, ends: endsAt }, body);
    await noted(call, 'made a link for guests', body.label);
    return { id, token, ends };
  }),
  route('POST /guest-links/:id/end', async call => {
    const count = await linksOf(call.scope).endGuestLink(call.id());
    if (count === 0) throw notFound('link');
    await ended(call.context.sequelize, call.scope.organisationId);
    await noted(call, 'took a link for guests back', '');
    return { ended: count };
  }),
  openRoute('POST /guest-links/enter', async ({ context, response, body, who }) => {
    // Whoever has an account does not lose it to a link that they follow.
    if (who?.account !== undefined) return meOf(context, who);
    const link = await new HeldLinks(context.sequelize).guestLink(hashOf(body.token));
    if (!link) {
      throw new Problem(404, 'This link is not good any more', 'Ask whoever gave it to you for a new one');
    }
    const { id, organisation, ends } = link;
    const guest = await begin(context, response, { organisation, link: id }, ends);
    await note(context.sequelize, guest, response.req, 'came in by a link', guest.name ?? '');
    return meOf(context, guest);
  }),
];

export const accountRoutes: readonly Route[] = [
  ...ownRoutes,
  ...deviceRoutes,
  ...factorRoutes,
  ...memberRoutes,
  ...guestRoutes,
];
