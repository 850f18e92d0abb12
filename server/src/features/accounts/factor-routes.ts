/** Routes of what lets somebody in besides their password. */
import type { Json } from '@idle-satchel/core';
import { FactorRows } from '../../database/factor-rows.js';
import { notFound, Problem } from '../../problem.js';
import { openRoute, route, type Route } from '../../route.js';
import { accountOf, proveOwn } from './own-password.js';
import { keepPasskey, passkeyChallenge, passkeyOffer } from './passkeys.js';
import { confirmAuthenticator, newRecoveryCodes, offerAuthenticator } from './second-factor.js';
import { meOf, noted, signInByPasskey } from './sign-in.js';

const listed = (codes: readonly string[]) => ({ codes: codes.map(code => ({ code })) });
/** What passes to a browser as the standard has it. */
const asJson = (options: object): Json => options as unknown as Json;

export const factorRoutes: readonly Route[] = [
  route('GET /account/factors', ({ context, who }) =>
    new FactorRows(context.sequelize).factorsOf(accountOf(who)),
  ),
  route('POST /account/authenticator', async ({ context, who, response, body }) =>
    offerAuthenticator(context.sequelize, await proveOwn(context, who, response.req, body.password)),
  ),
  route('PUT /account/authenticator', async call => {
    const codes = await confirmAuthenticator(call.context.sequelize, accountOf(call.who), call.body.code);
    await noted(call, 'set up an authenticator', '');
    return listed(codes);
  }),
  route('POST /account/authenticator/end', async call => {
    const { context, who, response, body } = call;
    const { id } = await proveOwn(context, who, response.req, body.password);
    const count = await new FactorRows(context.sequelize).endAuthenticator(id);
    if (count === 0) throw notFound('authenticator');
    await noted(call, 'ended the authenticator', '');
    return { ended: count };
  }),
  route('POST /account/recovery-codes', async call => {
    const { context, who, response, body } = call;
    const { id } = await proveOwn(context, who, response.req, body.password);
    if ((await new FactorRows(context.sequelize).authenticator(id, true)) === undefined) {
      throw new Problem(409, 'You have no authenticator', 'The codes stand for one that is gone');
    }
    const codes = await newRecoveryCodes(context.sequelize, id);
    await noted(call, 'made new recovery codes', '');
    return listed(codes);
  }),
  route('POST /account/passkey-options', async ({ context, who, response, body }) => {
    const own = await proveOwn(context, who, response.req, body.password);
    return { options: asJson(await passkeyOffer(context.sequelize, response.req, own)) };
  }),
  route('POST /account/passkeys', async call => {
    const { context, who, response, body } = call;
    const factors = await keepPasskey(context.sequelize, response.req, accountOf(who), body);
    await noted(call, 'added a passkey', body.label);
    return factors;
  }),
  route('POST /account/passkeys/:id/end', async call => {
    const { context, who, response, body } = call;
    const own = await proveOwn(context, who, response.req, body.password);
    const count = await new FactorRows(context.sequelize).endPasskey(own.id, call.id());
    if (count === 0) throw notFound('passkey');
    await noted(call, 'ended a passkey', '');
    return { ended: count };
  }),
  openRoute('POST /session/passkey-options', async ({ context, response }) => ({
    options: asJson(await passkeyChallenge(context.sequelize, response.req)),
  })),
  openRoute('POST /session/passkey', async ({ context, response, body }) =>
    meOf(context, await signInByPasskey(context, response, body)),
  ),
];
