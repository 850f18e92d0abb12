/** Making something once, however often a client asks for it because it heard no answer. */
import { createHash } from 'node:crypto';
import { newId } from '@idle-satchel/core';
import { isTaken } from '../database/own-rows.js';
import type { Scope } from '../database/scope.js';
import { Problem } from '../problem.js';

/**
 * Makes something under the id that the client chose, or gives the first answer again when that was done before. Without
 * one it is made anew each time.
 */
export async function madeOnce<Answer extends object>(
  scope: Scope,
  chosen: string | undefined,
  asked: unknown,
  make: (inside: Scope, id: string) => Promise<Answer>,
): Promise<Answer> {
  if (chosen === undefined) return scope.atomically(inside => make(inside, newId()));
  const digest = createHash('sha256').update(JSON.stringify(asked)).digest('hex');
  const before = (): Promise<Answer | undefined> => answered<Answer>(scope, chosen, digest);
  const first = await before();
  if (first) return first;
  try {
    return await scope.atomically(async inside => {
      const answer = await make(inside, chosen);
      await inside.keepMaking(chosen, digest, answer);
      return answer;
    });
  } catch (error) {
    // It was asked for twice at once, and the other one was first; or the id is that of something else.
    if (!isTaken(error)) throw error;
    const other = await before();
    if (other) return other;
    throw taken();
  }
}

const taken = (): Problem => new Problem(409, 'Something else has this id already; choose a new one');

async function answered<Answer>(scope: Scope, id: string, digest: string): Promise<Answer | undefined> {
  const made = await scope.making(id);
  if (!made) return undefined;
  if (made.digest !== digest) throw taken();
  return made.answer as Answer;
}
