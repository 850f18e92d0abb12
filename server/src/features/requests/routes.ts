import { dutyLinksOf } from '../../database/duty-link-rows.js';
import { notFound } from '../../problem.js';
import { route, type Route } from '../../route.js';
import { noted } from '../accounts/sign-in.js';
import { ask, requestsOf } from './service.js';

export const requestRoutes: readonly Route[] = [
  route('GET /requests', ({ context, scope }) => requestsOf(context, scope)),
  route('POST /requests', async call => {
    const made = await ask(call.context, call.scope, call.origin, call.body);
    await noted(call, 'made a personal link', '');
    return made;
  }),
  route('POST /duty-links/:id/end', async call => {
    const ended = await dutyLinksOf(call.scope).endDutyLink(call.id());
    if (ended === 0) throw notFound('link');
    await noted(call, 'took a personal link back', '');
    return { ended };
  }),
];
