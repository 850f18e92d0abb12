/** Undo and redo of one’s own edits: the server takes them back, against what they led to. */
import type { EditAnswer } from '@idle-satchel/core/api';
import { newId } from '@idle-satchel/core';
import { ApiProblem, call, messageOf } from '../api/client.js';
import { author, browserName, signedName } from '../api/signature.js';
import type { Done } from './event-state.js';
import { touching, type Fetched, type KnownDocuments } from './known-documents.js';
import type { LocalChange, LocalEdit } from './outbox.js';
import type { EditQueue } from './queue.js';
import { random } from '../api/random.js';
import type { Sender } from './sender.js';
import type { Shown } from './shown.js';

/** Edits of one’s own that others may be told to have changed since. */
const LOOKED_BACK = 20;

/** Whose a change is that was not made in this window: of who signs alike, only that is known. */
function whose({ author: who }: Fetched): string {
  if (who !== author()) return who;
  return signedName() === '' ? 'another window' : 'you, in another window,';
}

/** Who changed something meanwhile, in words. */
export const whoChanged = (change: Fetched | undefined): string =>
  change ? `${whose(change)} changed it since (${change.label})` : 'it has been changed since';

export class History {
  private readonly undoStack: Done[] = [];
  /** Edits that were made in this window. */
  private readonly own = new Set<string>();
  private redoStack: Done[] = [];
  /** An edit of one’s own that is being taken back, or made again. */
  private takingBack: Promise<void> | undefined;

  constructor(
    private readonly queue: EditQueue,
    private readonly sender: () => Sender,
    private readonly shown: Shown,
    private readonly known: () => KnownDocuments,
  ) {}

  get canUndo(): boolean {
    return this.undoStack.length > 0 || this.queue.first !== undefined;
  }
  get canRedo(): boolean {
    return this.redoStack.length > 0;
  }
  /** Resolves when nothing is being taken back any more; undefined while nothing is. */
  get busy(): Promise<void> | undefined {
    return this.takingBack;
  }

  /** Something new was done: what was undone before cannot be made again. */
  branch(): void {
    this.redoStack = [];
  }

  /** The server took an edit. */
  accepted({ label, undoes }: LocalEdit, answer: EditAnswer): void {
    this.own.add(answer.edit);
    if (undoes === undefined) this.took(label, answer);
  }

  /** Something of one’s own was done that can be taken back. */
  took(label: string, answer: EditAnswer): void {
    this.undoStack.push({ label, ...answer });
  }

  /** What of one’s own newest edits a change of somebody else’s is put over; undefined where it touches none. */
  overlaid(change: Fetched): string | undefined {
    const mine = [...this.undoStack, ...this.redoStack].slice(-LOOKED_BACK);
    if (this.own.has(change.edit)) return undefined;
    return mine.findLast(({ documents }) => touching([change], this.inverses(documents)) !== undefined)
      ?.label;
  }

  /** What taking an edit back would do, by the names of documents. */
  private inverses(documents: Done['documents']): LocalChange[] {
    return documents.flatMap(({ document, inverse }) => {
      const name = this.known().nameOf(document);
      return name === undefined ? [] : [{ document: name, patch: inverse }];
    });
  }

  async undo(): Promise<void> {
    const { last } = this.queue;
    if (last && this.shown.get().saving === 'offline') {
      // It may have arrived after all: then only the server can take it back.
      if (this.queue.mayHaveArrived(last))
        return this.shown.say('That can be undone once the server can be reached.');
      this.queue.drop(last.id);
      return this.shown.refresh({ message: `Undo: ${last.label}.` });
    }
    await this.sender().settle();
    const done = this.undoStack.pop();
    if (!done) return this.shown.say('There is nothing of yours to undo.');
    await this.whileBusy(this.takeBack(done, `Undo: ${done.label}`, this.redoStack));
  }

  async redo(): Promise<void> {
    await this.sender().settle();
    const undone = this.redoStack.pop();
    if (!undone) return this.shown.say('There is nothing to redo.');
    await this.whileBusy(this.takeBack(undone, `Redo: ${undone.label}`, this.undoStack));
  }

  private async whileBusy(work: Promise<void>): Promise<void> {
    this.takingBack = work;
    await work;
    if (this.takingBack === work) this.takingBack = undefined;
  }

  /** Sends the inverse of an accepted edit against the revision it led to; what others changed since refuses it. */
  private async takeBack({ label, edit, documents }: Done, words: string, onto: Done[]): Promise<void> {
    try {
      const id = newId(random);
      this.own.add(id);
      const answer = await call(
        'POST /edits',
        {},
        {
          id,
          label: words,
          author: author(),
          browser: browserName(),
          undoes: edit,
          changes: documents.map(({ document, revision, inverse }) => ({
            document,
            base: revision,
            patch: inverse,
          })),
        },
      );
      await this.sender().catchUp();
      onto.push({ label, ...answer });
      this.shown.update({ message: `${words}.` });
    } catch (error) {
      const conflict = error instanceof ApiProblem && error.collides;
      // Whose change it was is known once it is here.
      if (conflict)
        await this.sender()
          .catchUp()
          .catch(() => undefined);
      const other = touching(this.known().fetched, this.inverses(documents));
      this.shown.say(`${words} is not possible: ${conflict ? whoChanged(other) : messageOf(error)}.`);
    }
  }
}
