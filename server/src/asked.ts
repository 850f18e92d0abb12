/** What a route is asked, in plain values that can be handed to another thread, and how handlers read it. */
import { isId } from '@idle-satchel/core';
import type { RouteName } from '@idle-satchel/core/api';
import type { Actor } from './database/own-rows.js';
import type { Scope } from './database/scope.js';
import { invalid, notFound } from './problem.js';

/** One request to a route. */
export interface Wish {
  readonly route: RouteName;
  readonly organisation: string;
  readonly actor: Actor;
  readonly params: Readonly<Record<string, string>>;
  /** Parameters of the address that stand there once. */
  readonly query: Readonly<Record<string, string>>;
  readonly body: unknown;
  /** Where the application is open, such as `http://127.0.0.1:8080`: for links on paper. */
  readonly origin: string;
}

/** What a handler is given, wherever it runs. */
export interface Asked<Body> {
  readonly scope: Scope;
  readonly body: Body;
  readonly origin: string;
  /** A path parameter that is the id of a record; anything else is answered with 404. */
  readonly id: (name?: string) => string;
  /** A query parameter that must be a whole number. */
  readonly whole: (name: string, fallback: number) => number;
  /** A query parameter that must be one of some words. */
  readonly choice: <T extends string>(name: string, choices: readonly T[], fallback: T) => T;
  /** A query parameter as it is. */
  readonly text: (name: string) => string | undefined;
  /** The id that the client chose for what is to be made, where it did. */
  readonly chosenId: () => string | undefined;
}

export const askedOf = <Body>({ params, query, body, origin }: Wish, scope: Scope): Asked<Body> => ({
  scope,
  body: body as Body,
  origin,
  id: (name = 'id') => {
    const value = params[name];
    if (!isId(value)) throw notFound('record');
    return value;
  },
  whole: (name, fallback) => {
    const value = query[name];
    if (value === undefined) return fallback;
    if (!/^\d{1,9}$/.test(value)) throw invalid([{ path: `?${name}`, reason: 'must be a whole number' }]);
    return Number(value);
  },
  choice: (name, choices, fallback) => {
    const value = query[name];
    if (value === undefined) return fallback;
    const choice = choices.find(each => each === value);
    if (choice === undefined)
      throw invalid([{ path: `?${name}`, reason: `must be ${choices.join(' or ')}` }]);
    return choice;
  },
  text: name => query[name],
  chosenId: () => {
    const { as } = query;
    if (as !== undefined && !isId(as)) throw invalid([{ path: '?as', reason: 'is not a valid id' }]);
    return as;
  },
});
