/** Lines of the list of events, each kept until something that it was made from has changed. */
import type { EventSummary } from '@idle-satchel/core/api';
import { isInstant, isTimeZone } from '@idle-satchel/core/documents';
import type { Context } from '../../context.js';
import { memoryOf, putLast } from '../../database/own-memory.js';
import type { Scope } from '../../database/scope.js';
import { Problem } from '../../problem.js';
import { seenAs } from './assessed.js';
import { madeFrom } from './made-from.js';

interface Kept {
  /** The revisions of all that the line was made from. */
  readonly of: string;
  readonly line: EventSummary;
}

/** Kept between requests to spare work; a restart only makes the next list slower. */
const keptIn = memoryOf(() => new Map<string, Kept>());
const MOST = 2000;

/** Lines that are being made: whoever asks for the same meanwhile waits for the same. */
const makingIn = memoryOf(() => new Map<string, Promise<EventSummary>>());

/** A line for each event, in the order that is asked for; what is no event has none. */
export async function linesOf(
  { heavy }: Pick<Context, 'heavy'>,
  scope: Scope,
  events: readonly string[],
): Promise<EventSummary[]> {
  const made = await madeFrom(scope);
  const [kept, making] = [keptIn(scope), makingIn(scope)];
  const lineOf = async (event: string): Promise<EventSummary | undefined> => {
    const of = made(event);
    if (of === undefined) return undefined;
    const key = `${scope.organisationId} ${event} ${seenAs(scope.viewer)}`;
    const known = kept.get(key);
    if (known?.of === of) return known.line;
    const asked = `${key} ${of}`;
    const work =
      making.get(asked) ?? heavy.summary({ organisation: scope.organisationId, actor: scope.actor, event });
    making.set(asked, work);
    try {
      const line = await work;
      putLast(kept, key, { of, line }, MOST);
      return line;
    } catch (error) {
      if (!(error instanceof Problem)) throw error;
      return lineOfNothing(scope, event, error);
    } finally {
      making.delete(asked);
    }
  };
  return inLanes(events, lineOf);
}

/** So many lines are made at once: others ask for work as well. */
const LANES = 2;

/** What is made of each, a few at a time, in order; without those of which nothing is made. */
async function inLanes<T>(
  ids: readonly string[],
  make: (id: string) => Promise<T | undefined>,
): Promise<T[]> {
  const made: (T | undefined)[] = [];
  let next = 0;
  const lane = async (): Promise<void> => {
    for (let i = next++; i < ids.length; i = next++) made[i] = await make(ids[i] as string);
  };
  await Promise.all(Array.from({ length: LANES }, lane));
  return made.filter(each => each !== undefined);
}

/** The line of an event of which nobody can say more. */
async function lineOfNothing(scope: Scope, event: string, problem: Problem): Promise<EventSummary> {
  const [row] = await scope.names([event]);
  const { label, start, zone } = row ?? {};
  return {
    id: event,
    label: typeof label === 'string' && label !== '' ? label.slice(0, 80) : event,
    start: typeof start === 'string' && isInstant(start) ? start : NO_TIME,
    zone: typeof zone === 'string' && isTimeZone(zone) ? zone : 'UTC',
    venue: '',
    worst: null,
    problem: [problem.title, problem.detail].filter(Boolean).join(': ').slice(0, 300),
    ...(problem.extra.damaged === true && { damaged: true }),
  };
}

const NO_TIME = '2000-01-01T00:00:00Z';
