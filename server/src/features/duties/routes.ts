import { newSecret, hashOf } from '../../gate/secrets.js';
import { HeldDutyLinks } from '../../database/duty-link-rows.js';
import { calendarFile } from '../../calendar.js';
import { openRoute, type Route } from '../../route.js';
import { changePerson } from '../hands/service.js';
import { answer, take } from './answer.js';
import { calendarWith } from './calendar.js';
import { calendarOf, heldBy, tell } from './held.js';

export const dutyRoutes: readonly Route[] = [
  openRoute('POST /duties/look', async ({ context, body }) =>
    tell(context, await heldBy(context, body.token)),
  ),
  openRoute('POST /duties/answer', async ({ context, body: { token, event, how } }) => {
    const held = await heldBy(context, token);
    await answer(held, event, how);
    return tell(context, held);
  }),
  openRoute('POST /duties/take', async ({ context, body: { token, event, role } }) => {
    const held = await heldBy(context, token);
    await take(context, held, event, role);
    return tell(context, held);
  }),
  openRoute('POST /duties/presence', async ({ context, body: { token, presence } }) => {
    const held = await heldBy(context, token);
    const said = Object.keys(presence).length > 0 ? { presence } : { cleared: ['presence' as const] };
    await held.scope.atomically(inside => changePerson(inside, held.person, said));
    return tell(context, held);
  }),
  openRoute('POST /duties/calendar', async ({ context, body }) => {
    const held = await heldBy(context, body.token);
    const token = newSecret();
    await new HeldDutyLinks(context.sequelize).saveCalendar(held, hashOf(token));
    return { token };
  }),
  openRoute('GET /calendar/:token', async ({ context, params: { token = '' } }) => {
    const { organisation, person, house } = await calendarOf(context, token.replace(/\.ics$/, ''));
    const { duties } = await context.heavy.told({ organisation, person });
    return calendarFile(calendarWith(house, duties));
  }),
];
