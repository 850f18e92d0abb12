/** Pictures that may wait: each is made in a task of its own, so that frames find room between them. */

const waiting = new Set<() => void>();
let running = false;

function next(): void {
  const [work] = waiting;
  running = work !== undefined;
  if (!work) return;
  waiting.delete(work);
  try {
    work();
  } finally {
    setTimeout(next);
  }
}

/** Does some work after all that waits already; the answer takes it back. */
export function inTurn(work: () => void): () => void {
  waiting.add(work);
  if (!running) {
    running = true;
    setTimeout(next);
  }
  return () => void waiting.delete(work);
}
