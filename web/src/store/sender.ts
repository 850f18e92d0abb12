/** The way to the server: what waits is sent in order, one at a time; where it cannot be reached, again soon. */
import type { EditAnswer, EditRequest } from '@idle-satchel/core/api';
import { ApiProblem, call, messageOf } from '../api/client.js';
import { madeBy } from '../api/me.js';
import { author, browserName } from '../api/signature.js';
import { ON_THIS_PAGE, SENT_LATER } from './event-state.js';
import { whoChanged } from './history.js';
import { touching, type KnownDocuments } from './known-documents.js';
import type { LocalEdit } from './outbox.js';
import type { EditQueue } from './queue.js';
import type { Shown } from './shown.js';

const RETRY_MS = 2000;
/** What is answered where something is to be sent again: nothing, that nobody is signed in, that it was too much at once. */
const AWAY: ReadonlySet<number> = new Set([0, 401, 429]);

export class Sender {
  /** What is shown may be older than what the server has. */
  stale = false;
  /** Sends what edits refer to, such as photos; throws `ApiProblem` when that has to be tried again. */
  beforeSending: (() => Promise<void>) | undefined;
  /** The sending that runs, if one does. */
  private sending: Promise<void> | undefined;
  private closed = false;
  private timer: ReturnType<typeof setTimeout> | undefined;

  constructor(
    private readonly queue: EditQueue,
    private readonly known: KnownDocuments,
    private readonly shown: Shown,
    /** Told of every edit that the server took. */
    private readonly accepted: (edit: LocalEdit, answer: EditAnswer) => void,
  ) {}

  /** Sends what waits, in order; asked for while it runs, it is the same sending. */
  flush(): Promise<void> {
    clearTimeout(this.timer);
    this.timer = undefined;
    this.sending ??= this.sendAll().finally(() => {
      this.sending = undefined;
      // What came in just as it ended.
      if (this.queue.first && this.timer === undefined && !this.closed) void this.flush();
    });
    return this.sending;
  }

  /** Sends everything that waits, without waiting for more of the same. */
  async settle(): Promise<void> {
    this.queue.settle();
    await this.flush();
    // A sending that was about to end because the newest edit still waited has not sent it.
    if (this.queue.first && this.shown.get().saving !== 'offline') await this.flush();
  }

  /** Sends what waits, once, and asks for nothing any more. */
  async close(): Promise<void> {
    this.queue.settle();
    await this.flush();
    this.closed = true;
    clearTimeout(this.timer);
  }

  /**
   * The page goes away: the first edit that waits is sent once more in a way that outlives it. Only that one, for the
   * others lie on top of it; they are kept, and sent when this is opened next.
   */
  sendLast(): void {
    this.queue.settle();
    const edit = this.queue.first;
    if (!edit || this.beforeSending) return;
    this.queue.sent(edit.id);
    void call('POST /edits', {}, this.request(edit), { outlives: true }).catch(() => undefined);
  }

  private request({ id, label, undoes, changes }: LocalEdit): EditRequest {
    return {
      id,
      label,
      author: author(),
      browser: browserName(),
      changes: this.known.addressed(changes),
      ...(undoes !== undefined && { undoes }),
    };
  }

  async catchUp(): Promise<void> {
    await this.known.catchUp();
    this.shown.refresh();
  }

  /** What was heard of could not be fetched: it is, once the server can be reached again. */
  behind(error: unknown): void {
    this.stale = true;
    this.wait(messageOf(error));
  }

  private async sendAll(): Promise<void> {
    for (let edit = this.queue.first; edit; edit = this.queue.first) {
      const wait = edit.notBefore - Date.now();
      if (wait > 0) {
        this.timer = setTimeout(() => void this.flush(), wait);
        return;
      }
      if (!(await this.send(edit))) return;
    }
    if (this.stale && !(await this.renew())) return;
    const back = this.shown.get().saving === 'offline';
    this.shown.update({
      saving: 'saved',
      ...(back && { message: 'Connected again: everything is saved.' }),
    });
  }

  /** Fetches what changed since this device kept its documents; false when it has to be tried again later. */
  private async renew(): Promise<boolean> {
    try {
      await this.catchUp();
      this.stale = false;
    } catch (error) {
      this.wait(messageOf(error));
    }
    return !this.stale;
  }

  /** The server cannot be reached: says so and tries again soon. */
  private wait(why: string): void {
    const where = this.shown.get().onDevice === 'failed' ? ON_THIS_PAGE : SENT_LATER;
    this.shown.update({ saving: 'offline', message: `${why}; ${where}` });
    if (this.closed) return;
    this.timer = setTimeout(() => void this.flush(), RETRY_MS);
  }

  /** Sends one edit; false when it has to be tried again later. */
  private async send(edit: LocalEdit): Promise<boolean> {
    const { id, by } = edit;
    // Somebody else signed in meanwhile, in another tab: what was made here is sent by whoever made it.
    if (by !== undefined && by !== madeBy().by) {
      this.wait('Somebody else is signed in now');
      return false;
    }
    this.queue.taken(id);
    try {
      await this.beforeSending?.();
      this.queue.sent(id);
      const answer = await call('POST /edits', {}, this.request(edit));
      await this.known.take(edit.changes, answer);
      this.queue.drop(id);
      this.accepted(edit, answer);
      this.shown.refresh();
      return true;
    } catch (error) {
      return await this.refused(edit, error);
    } finally {
      this.queue.released();
    }
  }

  private async refused(edit: LocalEdit, error: unknown): Promise<boolean> {
    const problem = error instanceof ApiProblem ? error : new ApiProblem(0, String(error));
    // Who is signed out signs in again: until then it waits.
    if (AWAY.has(problem.status) || problem.status >= 500) {
      this.wait(problem.message);
      return false;
    }
    try {
      await this.catchUp();
    } catch (reason) {
      this.wait(messageOf(reason));
      return false;
    }
    if (problem.collides && edit.undoes === undefined && this.queue.has(edit.id)) {
      // Rebased on what the others did: what was asked for still stands, on top of theirs.
      const who = whoChanged(touching(this.known.fetched, edit.changes));
      this.shown.say(`${edit.label}: ${who}; yours was put on top.`);
      return true;
    }
    this.queue.drop(edit.id);
    const why = problem.collides
      ? whoChanged(touching(this.known.fetched, edit.changes))
      : problem.lines.join(' · ');
    this.shown.refresh({ message: `${edit.label} was not possible: ${why}.` });
    return true;
  }
}
