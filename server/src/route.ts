/** Registering the routes of the contract with Express: bodies are checked, answers sent as JSON or as files. */
import { setImmediate as others } from 'node:timers/promises';
import {
  ROUTES,
  type AnswerOf,
  type BodyOf,
  type Contract,
  type RouteName,
  type Routes,
} from '@idle-satchel/core/api';
import { faultsOf } from '@idle-satchel/core/documents';
import type { Express, Request, Response } from 'express';
import { askedOf, type Asked, type Wish } from './asked.js';
import type { Context } from './context.js';
import { Scope } from './database/scope.js';
import { allow } from './gate/allow.js';
import { notSignedIn, whoAsked, type Who } from './gate/who.js';
import { invalid } from './problem.js';

/** What a handler in the server's own thread is given. */
export interface Call<Body> extends Asked<Body> {
  readonly context: Context;
  readonly response: Response;
  readonly who: Who;
}

/** What a handler is given that answers whoever asks, signed in or not. */
export interface OpenCall<Body> {
  readonly body: Body;
  /** Parameters of its path. */
  readonly params: Readonly<Record<string, string>>;
  readonly context: Context;
  readonly response: Response;
  readonly who: Who | undefined;
}

/** A route of the contract with what answers it. */
export interface Route {
  readonly name: RouteName;
  readonly handle: (call: Call<never>) => Promise<unknown>;
  readonly open?: (call: OpenCall<never>) => Promise<unknown>;
  /** It may take long: it is answered in a thread of its own. */
  readonly heavy: boolean;
}

/** A file that is answered. */
export class FileAnswer {
  constructor(
    readonly bytes: string | Uint8Array,
    readonly type: string,
    /** The name that it is saved under; without one it is shown. */
    readonly name?: string,
  ) {}
}

/** An answer that is JSON already. */
export class Written {
  constructor(readonly json: string) {}
}

/** Routes that their contract opens to everybody. */
type OpenRoute = {
  [Name in RouteName]: Routes[Name] extends { readonly needs: 'open' } ? Name : never;
}[RouteName];

type Handled<Name extends RouteName> =
  AnswerOf<Name> extends undefined ? FileAnswer | void : AnswerOf<Name> | Written;

/** Answers a route of the contract. */
export const route = <Name extends RouteName>(
  name: Name,
  handle: (call: Call<BodyOf<Name>>) => Promise<Handled<Name>>,
): Route => ({ name, handle, heavy: false });

/** Answers a route that is open to everybody. */
export const openRoute = <Name extends OpenRoute>(
  name: Name,
  open: (call: OpenCall<BodyOf<Name>>) => Promise<Handled<Name>>,
): Route => ({ name, open, handle: () => Promise.reject(new Error(`${name} is open`)), heavy: false });

/** Answers a route whose work may take long, in a thread of its own. */
export const heavyRoute = <Name extends RouteName>(
  name: Name,
  handle: (asked: Asked<BodyOf<Name>>) => Promise<Handled<Name>>,
): Route => ({ name, handle, heavy: true });

export const API = '/api/v1';

/** The method of a route as Express names it, and its path below the API. */
export function addressOf(name: RouteName): {
  readonly method: 'get' | 'post' | 'put' | 'patch';
  readonly path: string;
} {
  const [method = '', path = ''] = name.split(' ');
  return { method: method.toLowerCase() as 'get', path };
}

export function register(app: Express, context: Context, routes: readonly Route[]): void {
  for (const { name, handle, open, heavy } of routes) {
    const { method, path } = addressOf(name);
    const { body, status = 200 }: Contract = ROUTES[name];
    /** Reading a large body took a while already, and so does looking through it. */
    const looked = async (request: Request): Promise<never> => {
      if (body) {
        await others();
        const faults = faultsOf(body, request.body);
        if (faults.length > 0) throw invalid(faults);
      }
      return request.body as never;
    };
    app[method](`${API}${path}`, async (request: Request, response: Response) => {
      const who = whoAsked(response);
      if (open) {
        const call = { body: await looked(request), params: once(request.params), context, response, who };
        send(response.status(status), await open(call));
        return;
      }
      if (!who) throw await notSignedIn(context.sequelize);
      const scope = new Scope(context.sequelize, who.organisation, null, who);
      const wish = wishOf(name, request, who);
      await allow(name, scope, wish.params);
      await looked(request);
      const answer = heavy
        ? await context.heavy.answer(wish)
        : await handle({ ...askedOf<never>(wish, scope), context, response, who });
      send(response.status(status), answer);
    });
  }
}

/** Those that stand there once. */
const once = (values: object): Record<string, string> =>
  Object.fromEntries(Object.entries(values).filter(([, value]) => typeof value === 'string'));

function wishOf(route: RouteName, request: Request, { organisation, viewer, account, name }: Who): Wish {
  return {
    route,
    organisation,
    actor: { viewer, ...(account !== undefined && { account }), ...(name !== undefined && { name }) },
    params: once(request.params),
    query: once(request.query),
    body: request.body as unknown,
    origin: `${request.protocol}://${request.get('host') ?? 'localhost'}`,
  };
}

function send(response: Response, answer: unknown): void {
  if (answer instanceof FileAnswer) {
    const { bytes, type, name } = answer;
    if (name !== undefined) response.attachment(name);
    response
      .type(type)
      .send(
        typeof bytes === 'string' ? bytes : Buffer.from(bytes.buffer, bytes.byteOffset, bytes.byteLength),
      );
  } else if (answer instanceof Written) response.type('application/json').send(answer.json);
  else if (answer !== undefined) response.json(answer);
}
