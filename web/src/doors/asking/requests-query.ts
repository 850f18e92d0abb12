/** Whom the house has sent what, and sending more. */
import type { MessageWay, RequestMade } from '@idle-satchel/core/api';
import { askedChanges, openDuties, type Asking } from '@idle-satchel/core/duties';
import { queryOptions } from '@tanstack/react-query';
import { call } from '../../api/client.js';
import { sendAll } from '../../api/send-edit.js';

export const requestsQuery = queryOptions({
  queryKey: ['requests'],
  queryFn: () => call('GET /requests', {}),
});

/** Sends somebody a message, or makes it to be sent by hand; then it is noted in the plans that they were asked. */
export async function askSomebody(
  asking: Asking,
  way: MessageWay,
  { subject, text }: { readonly subject: string; readonly text: string },
): Promise<RequestMade> {
  const made = await call('POST /requests', {}, { person: asking.person, way, subject, text });
  if (made.state !== 'failed')
    await sendAll('Note who was asked', askedChanges(openDuties(asking), new Date().toISOString()));
  return made;
}
