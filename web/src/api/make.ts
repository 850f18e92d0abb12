/** Making something on the server once, though the answer to it may get lost. */
import { newId } from '@idle-satchel/core';
import { random } from './random.js';
import { ApiProblem } from './client.js';

/** How often it is asked for. */
const TRIES = 3;
/** Between two times, ms. */
const PAUSE_MS = 1_000;

/** Asks for it under an id that is chosen here, and again under the same where no answer came. */
export async function madeOnce<T>(ask: (as: string) => Promise<T>): Promise<T> {
  const as = newId(random);
  for (let tries = 1; ; tries++) {
    try {
      return await ask(as);
    } catch (error) {
      const unanswered = error instanceof ApiProblem && (error.status === 0 || error.status === 503);
      if (!unanswered || tries === TRIES) throw error;
      await new Promise(resolve => setTimeout(resolve, PAUSE_MS));
    }
  }
}
