/** Declaring routes: each one is registered with Express and described in the OpenAPI document from the same data. */
import { isId } from '@idle-satchel/core';
import { faultsOf, type DocumentClass } from '@idle-satchel/core/documents';
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

export interface Route<Body = unknown> {
  readonly method: 'get' | 'post' | 'put' | 'patch';
  /** With `:id` parameters, below `/api/v1`. */
  readonly path: string;
  readonly summary: string;
  readonly body?: DocumentClass<Body & object>;
  readonly status?: number;
  /** Gives the JSON to answer with, or undefined when it has answered itself. */
  readonly handle: (call: Call<Body>) => Promise<unknown>;
}

export const route = <Body>(of: Route<Body>): Route => of as unknown as Route;

export const API = '/api/v1';

export function register(app: Express, context: Context, routes: readonly Route[]): void {
  for (const { method, path, body, status, handle } of routes) {
    app[method](`${API}${path}`, async (request: Request, response: Response) => {
      if (body) {
        const faults = faultsOf(body, request.body);
        if (faults.length > 0) throw invalid(faults);
      }
      const scope = await scopeOf(context, request);
      const result = await handle({
        ...{ scope, context, request, response, body: request.body as unknown },
        id: (name = 'id') => idParameter(request, name),
        whole: (name, fallback) => wholeParameter(request, name, fallback),
        choice: (name, choices, fallback) => choiceParameter(request, name, choices, fallback),
      });
      if (result !== undefined) response.status(status ?? 200).json(result);
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
