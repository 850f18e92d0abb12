/** Asking people: a link of their own, in a message that is sent, or given to be sent by hand. */
import { newId, USUAL_CARE } from '@idle-satchel/core';
import type { NewRequest, RequestMade, Requests } from '@idle-satchel/core/api';
import type { Rules } from '@idle-satchel/core/documents';
import { LINK_HERE, reachOf } from '@idle-satchel/core/duties';
import type { Context } from '../../context.js';
import { dutyLinksOf } from '../../database/duty-link-rows.js';
import type { Scope } from '../../database/scope.js';
import { hashOf, newSecret } from '../../gate/secrets.js';
import { invalid, notFound, Problem } from '../../problem.js';
import { only } from '../events/service.js';

export async function requestsOf({ post }: Context, scope: Scope): Promise<Requests> {
  const rows = dutyLinksOf(scope);
  const { crew } = (await only(scope, 'rules')).body as Rules;
  return {
    ...{ messages: await rows.messages(), links: await rows.dutyLinks() },
    sends: post.sends,
    replyDays: crew?.replyDays ?? USUAL_CARE.replyDays,
  };
}

/** 404 for nobody of the house, 422 without a place for the link, 409 where they are erased or have no mail. */
export async function ask(
  { post, log }: Context,
  scope: Scope,
  origin: string,
  { person: id, way, subject, text }: NewRequest,
): Promise<RequestMade> {
  if (!text.includes(LINK_HERE))
    throw invalid([{ path: '/text', reason: `must have ${LINK_HERE} in it, where their link will be` }]);
  const row = (await scope.people()).find(each => each.id === id);
  if (!row) throw notFound('person');
  if (row.body.erased) throw new Problem(409, 'Nothing is known of them any more');
  const { young, mail } = reachOf(row.body, new Date().toISOString().slice(0, 10));
  if (way === 'mail' && mail === undefined)
    throw new Problem(
      409,
      young ? 'They are under 18, and no mail of a guardian is known' : 'No mail address of theirs is known',
      'Send it by hand',
    );
  const token = newSecret();
  const rows = dutyLinksOf(scope);
  const made = newId();
  await rows.createDutyLink(made, hashOf(token), id);
  const full = text.replaceAll(LINK_HERE, `${origin}/duties#${token}`);
  const outcome =
    way === 'mail' && mail !== undefined ? await sent({ to: mail, subject, text: full }) : BY_HAND;
  await rows.keepMessage({ id: made, person: id, subject, text, ...outcome });
  return { id: made, ...outcome, ...(outcome.state !== 'sent' && { text: full }) };

  async function sent(letter: Parameters<typeof post.send>[0]): Promise<Pick<RequestMade, 'state' | 'why'>> {
    try {
      await post.send(letter);
      return { state: post.sends ? 'sent' : 'kept' };
    } catch (error) {
      // What a mail server says may name whom it was for.
      log.warn({ code: (error as { code?: unknown }).code }, 'a message could not be sent');
      return { state: 'failed', why: 'the mail server did not take it' };
    }
  }
}

const BY_HAND: Pick<RequestMade, 'state' | 'why'> = { state: 'by hand' };
