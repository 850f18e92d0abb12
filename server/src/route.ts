/** Registering the routes of the contract with Express: bodies are checked, answers sent as JSON. */
import { isId } from '@idle-satchel/core';
import { ROUTES, type AnswerOf, type BodyOf, type Contract, type RouteName } from '@idle-satchel/core/api';
import { faultsOf } from '@idle-satchel/core/documents';
import type { Express, Request, Response } from 'express';
import { scopeOf, type Context } from './context.js';
import type { Scope } from './database/scope.js';
import { invalid, notFound } from './problem.js';

export interface Call<Body> {
  readonly scope: Scope;
  readonly context: Context;
  readonly body: Body;
  readonly request: Request;
  readonly response: Response;
  /** A path parameter that is the id of a record; anything else is answered with 404. */
  readonly id: (name?: string) => string;
  /** A query parameter that must be a whole number. */
  readonly whole: (name: string, fallback: number) => number;
  /** A query parameter that must be one of some words. */
  readonly choice: <T extends string>(name: string, choices: readonly T[], fallback: T) => T;
}

/** A route of the contract with what answers it. */
export interface Route {
  readonly name: RouteName;
  readonly handle: (call: Call<never>) => Promise<unknown>;
}

/** What a handler gives: the answer of the contract, or nothing where it has sent a file itself. */
type Handled<Name extends RouteName> = AnswerOf<Name> extends undefined ? void : AnswerOf<Name>;

/** Answers a route of the contract. */
export const route = <Name extends RouteName>(
  name: Name,
  handle: (call: Call<BodyOf<Name>>) => Promise<Handled<Name>>,
): Route => ({ name, handle });

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
  for (const { name, handle } of routes) {
    const { method, path } = addressOf(name);
    const { body, status = 200 }: Contract = ROUTES[name];
    app[method](`${API}${path}`, async (request: Request, response: Response) => {
      if (body) {
        const faults = faultsOf(body, request.body);
        if (faults.length > 0) throw invalid(faults);
      }
      const result = await handle({
        scope: await scopeOf(context, request),
        context,
        request,
        response,
        body: request.body as never,
        id: (parameter = 'id') => idParameter(request, parameter),
        whole: (parameter, fallback) => wholeParameter(request, parameter, fallback),
        choice: (parameter, choices, fallback) => choiceParameter(request, parameter, choices, fallback),
      });
      if (result !== undefined) response.status(status).json(result);
    });
  }
}

function idParameter(request: Request, name: string): string {
  const value = request.params[name];
  if (!isId(value)) throw notFound('record');
  return value;
}

function wholeParameter(request: Request, name: string, fallback: number): number {
  const value = request.query[name];
  if (value === undefined) return fallback;
  if (typeof value !== 'string' || !/^\d{1,9}$/.test(value)) {
    throw invalid([{ path: `?${name}`, reason: 'must be a whole number' }]);
  }
  return Number(value);
}

function choiceParameter<T extends string>(
  request: Request,
  name: string,
  choices: readonly T[],
  fallback: T,
): T {
  const value = request.query[name];
  if (value === undefined) return fallback;
  const choice = choices.find(each => each === value);
  if (choice === undefined) throw invalid([{ path: `?${name}`, reason: `must be ${choices.join(' or ')}` }]);
  return choice;
}
