/** The edits that the server does not have yet, in order. */
import type { Bundle } from '@idle-satchel/core';
import { PatchError } from '@idle-satchel/core';
import { merged, withChanges, type LocalEdit } from './outbox.js';

export class EditQueue {
  private edits: readonly LocalEdit[];
  /** Id of the edit that is on the line just now: nothing can join it any more. */
  private onLine: string | undefined;
  /** Ids of edits that were sent, answered or not, or may have been by a page that is gone. */
  private readonly tried: Set<string>;

  constructor(waiting: readonly LocalEdit[] = []) {
    this.edits = waiting;
    this.tried = new Set(waiting.map(({ id }) => id));
    this.settle();
  }

  get all(): readonly LocalEdit[] {
    return this.edits;
  }
  get first(): LocalEdit | undefined {
    return this.edits[0];
  }
  get last(): LocalEdit | undefined {
    return this.edits.at(-1);
  }

  has(id: string): boolean {
    return this.edits.some(each => each.id === id);
  }

  /** Puts an edit last, or joins it to the last one where that waits for more of the same. */
  add(edit: LocalEdit): void {
    const { last } = this;
    const before = last ? this.edits.slice(0, -1) : [];
    const joins =
      last?.mergeKey !== undefined && last.mergeKey === edit.mergeKey && last.notBefore > Date.now();
    if (last && joins && last.id !== this.onLine && !this.mayHaveArrived(last))
      this.edits = [...before, merged(last, edit)];
    else this.edits = last ? [...before, { ...last, notBefore: 0 }, edit] : [edit];
  }

  /** Nothing waits for more of the same any longer. */
  settle(): void {
    if (this.edits.every(({ notBefore }) => notBefore === 0)) return;
    this.edits = this.edits.map(edit => (edit.notBefore === 0 ? edit : { ...edit, notBefore: 0 }));
  }

  /** The server has an edit, or will never take it: it waits no more. */
  drop(id: string): void {
    this.edits = this.edits.filter(each => each.id !== id);
  }

  /** An edit goes on the line, is really sent, and is off the line again, whatever came of it. */
  taken(id: string): void {
    this.onLine = id;
  }
  sent(id: string): void {
    this.tried.add(id);
  }
  released(): void {
    this.onLine = undefined;
  }

  /** Sent once without an answer, an edit may have arrived after all. */
  mayHaveArrived({ id }: LocalEdit): boolean {
    return this.tried.has(id);
  }

  /** The bundle with every edit made in it; those that no longer fit are dropped, and their labels told. */
  over(base: Bundle): { readonly bundle: Bundle; readonly lost: readonly string[] } {
    let bundle = base;
    const lost: string[] = [];
    const left = this.edits.filter(({ label, changes }) => {
      try {
        bundle = withChanges(bundle, changes);
        return true;
      } catch (error) {
        if (!(error instanceof PatchError)) throw error;
        lost.push(label);
        return false;
      }
    });
    if (lost.length > 0) this.edits = left;
    return { bundle, lost };
  }
}
