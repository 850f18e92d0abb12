/** Work on the same documents one after the other within this process, so that edits need not try again. */

/** The last work that waits for each thing. */
const last = new Map<string, Promise<unknown>>();

/** Does some work when all that was asked before of any of the same things has ended, whatever came of it. */
export function inTurn<T>(things: readonly string[], work: () => Promise<T>): Promise<T> {
  const before = things.flatMap(thing => last.get(thing) ?? []);
  const own = Promise.allSettled(before).then(work);
  for (const thing of things) last.set(thing, own);
  const leave = (): void => {
    for (const thing of things) if (last.get(thing) === own) last.delete(thing);
  };
  own.then(leave, leave);
  return own;
}
