/** What a thread for heavy work runs: routes that may take long, what the list of events says of one, and what
 * somebody is told by their own link. */
import type { EventSummary, RouteName } from '@idle-satchel/core/api';
import { workerData } from 'piscina';
import { askedOf, type Wish } from '../asked.js';
import { connect } from '../database/connection.js';
import type { Actor } from '../database/own-rows.js';
import { Scope } from '../database/scope.js';
import { toldTo, type Told } from '../features/duties/told.js';
import { summaryOf } from '../features/events/summary.js';
import { asProblem, type Problem } from '../problem.js';
import { FileAnswer, Written, type Route } from '../route.js';
import { routes } from '../routes.js';

/** What came of work, in plain values. */
export type Outcome<Answer> =
  | { readonly answer: Answer }
  | {
      readonly problem: Pick<Problem, 'status' | 'title' | 'detail' | 'extra' | 'retryAfter'>;
    };

export interface SummaryWish {
  readonly organisation: string;
  readonly actor: Actor;
  readonly event: string;
}

export interface ToldWish {
  readonly organisation: string;
  readonly person: string;
}

const { databaseUrl } = workerData as { readonly databaseUrl: string };
const sequelize = connect(databaseUrl, { most: 2 });

const heavy = new Map<RouteName, Route>(routes.filter(each => each.heavy).map(each => [each.name, each]));

/** Answers a route as the server’s own thread would. */
export const answer = (wish: Wish): Promise<Outcome<FileAnswer>> =>
  outcomeOf(async () => {
    const handle = heavy.get(wish.route)?.handle as ((asked: unknown) => Promise<unknown>) | undefined;
    if (!handle) throw new Error(`${wish.route} is not answered here`);
    return asFile(await handle(askedOf(wish, new Scope(sequelize, wish.organisation, null, wish.actor))));
  });

export const summary = ({ organisation, actor, event }: SummaryWish): Promise<Outcome<EventSummary>> =>
  outcomeOf(() => summaryOf(new Scope(sequelize, organisation, null, actor), event));

/** What somebody is told by their own link: all of the house counts for it, and little of it is told. */
export const told = ({ organisation, person }: ToldWish): Promise<Outcome<Told>> =>
  outcomeOf(() => toldTo(new Scope(sequelize, organisation, null, { viewer: { role: 'owner' } }), person));

async function outcomeOf<Answer>(work: () => Promise<Answer>): Promise<Outcome<Answer>> {
  try {
    return { answer: await work() };
  } catch (error) {
    const problem = asProblem(error);
    if (!problem) throw error;
    const { status, title, detail, extra, retryAfter } = problem;
    return {
      problem: {
        ...{ status, title, extra },
        ...(detail !== undefined && { detail }),
        ...(retryAfter !== undefined && { retryAfter }),
      },
    };
  }
}

/** An answer as bytes. */
function asFile(answered: unknown): FileAnswer {
  const { bytes, type, name } =
    answered instanceof FileAnswer
      ? answered
      : new FileAnswer(
          answered instanceof Written ? answered.json : JSON.stringify(answered),
          'application/json',
        );
  return new FileAnswer(typeof bytes === 'string' ? new TextEncoder().encode(bytes) : bytes, type, name);
}
