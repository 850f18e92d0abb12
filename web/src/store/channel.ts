/** A value that components watch. */
export class Channel<T> {
  private readonly listeners = new Set<() => void>();

  constructor(private value: T) {}

  readonly get = (): T => this.value;

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  set(value: T): void {
    this.value = value;
    for (const listener of this.listeners) listener();
  }
}

/** Figures that run are read no faster than this. */
const CALM_MS = 150;

/**
 * A channel's value at reading pace: at once as a rule, but about six times a second while the value runs because
 * something is dragged, and then in a task of its own. What moves under the pointer watches the channel itself.
 */
export class CalmChannel<T> extends Channel<T> {
  private waiting: ReturnType<typeof setTimeout> | undefined;
  private next: T | undefined;

  follow(value: T, running: boolean): void {
    this.next = value;
    if (running) this.waiting ??= setTimeout(() => this.follow(this.next ?? value, false), CALM_MS);
    else {
      clearTimeout(this.waiting);
      this.waiting = undefined;
      this.set(value);
    }
  }
}
