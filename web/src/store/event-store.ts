/**
 * The open event: its documents as the server last told them, edits on their way, a preview while something
 * is dragged, and the assessment of all that. A venue at its door is opened the same way, with a plan that is
 * never kept: what an event would change for itself goes into the venue.
 */
import {
  changeForEvent,
  createAssessorBy,
  createSurveyAssessor,
  newId,
  settling,
  STATIONS,
  type Assessor,
  type Operation,
  type RuleBook,
} from '@idle-satchel/core';
import { ApiProblem, call, type EventBundle } from '../api/client.js';
import { listen, type LiveMessage } from '../api/live.js';
import { author } from '../api/signature.js';
import { CalmChannel, Channel } from './channel.js';
import { SENT_LATER, type Done, type EditAnswer, type EventState } from './event-state.js';
import { KnownDocuments } from './known-documents.js';
import { inVenue, merged, MERGE_MS, withChanges, type LocalChange, type LocalEdit } from './outbox.js';

/** What a device that keeps its work brings along when something is opened. */
export interface Kept {
  /** Edits that were made here but not sent when the page was closed, in order. */
  readonly waiting: readonly LocalEdit[];
  /** The documents are those this device kept: the newest are fetched once the server can be reached. */
  readonly stale: boolean;
  readonly beforeSending?: () => Promise<void>;
}

const random = (): number => (crypto.getRandomValues(new Uint32Array(1))[0] ?? 0) / 2 ** 32;
const RETRY_MS = 2000;
const NO_RULES = Object.fromEntries(STATIONS.map(name => [name, []])) as unknown as RuleBook;

export class EventStore {
  /** What is shown, at every step of a drag. */
  readonly live: Channel<EventState>;
  /** The same at reading pace, for words and numbers. */
  readonly calm: CalmChannel<EventState>;
  private readonly assessor: Assessor;
  /** Resolves when the rules are here, or cannot be had. */
  readonly rulesHere: Promise<void>;
  /** None until they are here: the first picture does not wait for them. */
  private rules: RuleBook = NO_RULES;
  private readonly known: KnownDocuments;
  private queue: LocalEdit[] = [];
  /** What is shown may be older than what the server has. */
  private stale = false;
  private dragging: readonly LocalChange[] = [];
  private readonly undoStack: Done[] = [];
  private redoStack: Done[] = [];
  /** The sending that runs, if one does. */
  private sending: Promise<void> | undefined;
  /** An edit of one’s own that is being taken back, or made again. */
  private takingBack: Promise<void> | undefined;
  /** Id of the edit that is on the line just now: nothing can join it any more. */
  private onLine: string | undefined;
  /** Id of the edit that was sent last, answered or not. */
  private tried: string | undefined;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private readonly stopListening: () => void;
  /** Sends what edits refer to, such as photos; throws `ApiProblem` when that has to be tried again. */
  beforeSending: (() => Promise<void>) | undefined;

  constructor(
    readonly id: string,
    opened: EventBundle,
    /** What is open: an event, or a venue at its door. */
    readonly of: 'event' | 'venue' = 'event',
    kept?: Kept,
  ) {
    const rules = (): RuleBook => this.rules;
    this.assessor = of === 'event' ? createAssessorBy(rules) : createSurveyAssessor(rules);
    this.known = new KnownDocuments(id, of, opened, edit => this.arrived(edit));
    const { bundle, ids, venueNow } = this.known;
    const state: EventState = {
      ...{ bundle, ids, venueNow, assessment: this.assessor(bundle) },
      ...{ saving: 'saved', waiting: 0, message: '', canUndo: false, canRedo: false, checked: false },
    };
    this.live = new Channel(state);
    this.calm = new CalmChannel(state);
    this.stopListening = listen(message => void this.hear(message));
    this.rulesHere = this.check();
    if (!kept) return;
    this.stale = kept.stale;
    this.beforeSending = kept.beforeSending;
    this.queue = kept.waiting.map(edit => ({ ...edit, notBefore: 0 }));
    this.refresh({ saving: this.stale ? 'offline' : 'saving' });
    void this.flush();
  }

  /** Fetches the rules and checks by them from then on. */
  private async check(): Promise<void> {
    try {
      this.rules = (await import('@idle-satchel/core/rules')).RULES;
      this.refresh({ checked: true });
    } catch {
      this.say('The checks could not be fetched: load this page again.');
    }
  }

  /** The documents as the server told them, with their revisions, and the edits that it does not have yet. */
  toKeep(): { readonly documents: EventBundle['documents']; readonly waiting: readonly LocalEdit[] } {
    return { documents: this.known.told(), waiting: this.queue };
  }

  close(): void {
    this.stopListening();
    clearTimeout(this.timer);
    void this.flush();
  }

  /** Resolves when what waits has been sent, or cannot be sent just now. */
  readonly sent = (): Promise<void> => this.flush();

  /** Whether the server has everything that was done here. */
  readonly isSettled = (): boolean =>
    this.queue.length === 0 && this.takingBack === undefined && this.get().saving === 'saved';

  /** Sends what waits at once; true when the server has it all, false when it cannot be reached. */
  readonly whenSettled = async (): Promise<boolean> => {
    await this.settle();
    await this.takingBack;
    return this.isSettled();
  };

  readonly get = (): EventState => this.live.get();

  private update(change: Partial<EventState>): void {
    const state = {
      ...this.get(),
      ...{ ids: this.known.ids, venueNow: this.known.venueNow },
      ...change,
      waiting: this.queue.length,
      canUndo: this.undoStack.length > 0 || this.queue.length > 0,
      canRedo: this.redoStack.length > 0,
    };
    this.live.set(state);
    this.calm.follow(state, this.dragging.length > 0);
  }

  /** Base, then edits on their way, then what is being dragged; an edit that no longer fits is dropped and told. */
  private refresh(change: Partial<EventState> = {}): void {
    let { bundle } = this.known;
    const lost: string[] = [];
    this.queue = this.queue.filter(edit => {
      try {
        bundle = withChanges(bundle, edit.changes);
        return true;
      } catch {
        lost.push(edit.label);
        return false;
      }
    });
    try {
      bundle = withChanges(bundle, this.dragging);
    } catch {
      this.dragging = [];
    }
    const message = lost.length > 0 ? { message: `No longer possible: ${lost.join(', ')}.` } : {};
    this.update({ bundle, assessment: this.assessor(bundle), ...change, ...message });
  }

  /** Shows a change without keeping it: while something is dragged. */
  preview(changes: readonly LocalChange[]): void {
    this.dragging = changes;
    this.refresh();
  }

  /** Keeps a change: shown at once, sent in order. Throws nothing; what does not fit is told in a line. */
  commit(label: string, wanted: readonly LocalChange[], mergeKey?: string): void {
    this.dragging = [];
    this.redoStack = [];
    let changes = wanted;
    try {
      if (this.of === 'venue') changes = inVenue(this.get().bundle, wanted);
    } catch {
      return this.refresh({ message: `No longer possible: ${label}.` });
    }
    if (changes.length === 0) return this.refresh();
    this.enqueue({
      id: newId(random),
      ...{ label: label.slice(0, 120), changes },
      ...(mergeKey === undefined ? {} : { mergeKey }),
      notBefore: mergeKey === undefined ? 0 : Date.now() + MERGE_MS,
    });
  }

  /** The most common edit: one patch of the plan. */
  patchPlan(label: string, patch: readonly Operation[], mergeKey?: string): void {
    this.commit(label, [{ document: 'plan', patch }], mergeKey);
  }

  /**
   * Changes what stands in the venue: for this event only, or, at the venue’s own door, for good. `patch` is what
   * happens to the venue as it is seen here; `label` names the edit.
   */
  editVenue(label: string, patch: readonly Operation[], mergeKey?: string): void {
    const { plan, venue } = this.get().bundle;
    let changes: Operation[];
    try {
      changes = changeForEvent(venue, plan.venueChanges, settling(this.get().assessment.ground.venue, patch));
    } catch {
      return this.say(`${label} is not possible any more: somebody took it out.`);
    }
    if (changes.length > 0) this.patchPlan(label, changes, mergeKey);
  }

  say(message: string): void {
    this.update({ message });
  }

  private enqueue(edit: LocalEdit): void {
    const last = this.queue.at(-1);
    const joins =
      last?.mergeKey !== undefined && last.mergeKey === edit.mergeKey && last.notBefore > Date.now();
    if (joins && last.id !== this.onLine) this.queue.splice(-1, 1, merged(last, edit));
    else {
      if (last && last.notBefore > 0) this.queue.splice(-1, 1, { ...last, notBefore: 0 });
      this.queue.push(edit);
    }
    const cut = this.get().saving === 'offline';
    this.refresh({ saving: cut ? 'offline' : 'saving', message: '' });
    void this.flush();
  }

  /** Sends what waits, in order; asked for while it runs, it is the same sending. */
  private flush(): Promise<void> {
    clearTimeout(this.timer);
    this.timer = undefined;
    this.sending ??= this.sendAll().finally(() => {
      this.sending = undefined;
      // What came in just as it ended.
      if (this.queue.length > 0 && this.timer === undefined) void this.flush();
    });
    return this.sending;
  }

  private async sendAll(): Promise<void> {
    while (this.queue[0]) {
      const wait = this.queue[0].notBefore - Date.now();
      if (wait > 0) {
        this.timer = setTimeout(() => void this.flush(), wait);
        return;
      }
      if (!(await this.send(this.queue[0]))) return;
    }
    if (this.stale && !(await this.renew())) return;
    const back = this.get().saving === 'offline';
    this.update({ saving: 'saved', ...(back ? { message: 'Connected again: everything is saved.' } : {}) });
  }

  /** Fetches what changed since this device kept its documents; false when it has to be tried again later. */
  private async renew(): Promise<boolean> {
    try {
      await this.catchUp();
      this.stale = false;
    } catch (error) {
      this.wait(error instanceof Error ? error.message : String(error));
    }
    return !this.stale;
  }

  /** The server cannot be reached: says so and tries again soon. */
  private wait(why: string): void {
    this.update({ saving: 'offline', message: `${why}; ${SENT_LATER}` });
    this.timer = setTimeout(() => void this.flush(), RETRY_MS);
  }

  /** Sends one edit; false when it has to be tried again later. */
  private async send(edit: LocalEdit): Promise<boolean> {
    const changes = this.known.addressed(edit.changes);
    const { id, label, undoes } = edit;
    this.onLine = id;
    try {
      await this.beforeSending?.();
      this.tried = id;
      const answer = await call<EditAnswer>('/edits', 'POST', {
        ...{ id, label, author: author(), changes },
        ...(undoes ? { undoes } : {}),
      });
      await this.accepted(edit, answer);
      return true;
    } catch (error) {
      return await this.refused(edit, error);
    } finally {
      this.onLine = undefined;
    }
  }

  private async accepted(edit: LocalEdit, answer: EditAnswer): Promise<void> {
    await this.known.take(edit.changes, answer);
    this.arrived(edit.id);
    if (edit.undoes === undefined) this.undoStack.push({ label: edit.label, ...answer });
    this.refresh();
  }

  /** The server has an edit: it waits no more. */
  private arrived(edit: string): void {
    this.queue = this.queue.filter(({ id }) => id !== edit);
  }

  private async refused(edit: LocalEdit, error: unknown): Promise<boolean> {
    const problem = error instanceof ApiProblem ? error : new ApiProblem(0, String(error));
    if (problem.status === 0 || problem.status >= 500 || problem.status === 429) {
      this.wait(problem.message);
      return false;
    }
    try {
      await this.catchUp();
    } catch (reason) {
      this.wait(reason instanceof Error ? reason.message : String(reason));
      return false;
    }
    if (problem.status === 409 && edit.undoes === undefined && this.queue.some(each => each.id === edit.id)) {
      // Rebased on what the others did: what was asked for still stands, on top of theirs.
      this.say(`${edit.label}: somebody changed the same thing just now; yours was put on top.`);
      return true;
    }
    this.arrived(edit.id);
    const why = problem.status === 409 ? 'somebody has changed it since' : problem.lines.join(' · ');
    this.refresh({ message: `${edit.label} was not possible: ${why}.` });
    return true;
  }

  private async hear({ document, revision = 0, shelf, hands, resync }: LiveMessage): Promise<void> {
    try {
      if (shelf || hands) {
        await this.known.reloadViews();
        this.refresh();
      }
      const name = document === undefined ? undefined : this.known.nameOf(document);
      if (this.of === 'event' && name === 'venue') {
        this.known.venueNow = Math.max(this.known.venueNow, revision);
        this.update({});
      } else if (resync || (name && revision > this.known.revision(name))) await this.catchUp();
    } catch (error) {
      // What was heard of could not be fetched: it is, once the server can be reached again.
      this.stale = true;
      this.wait(error instanceof Error ? error.message : String(error));
    }
  }

  private async catchUp(): Promise<void> {
    await this.known.catchUp();
    this.refresh();
  }

  async undo(): Promise<void> {
    const last = this.queue.at(-1);
    if (last && this.get().saving === 'offline') {
      // Sent once without an answer, it may have arrived after all: then only the server can take it back.
      if (last.id === this.tried) return this.say('That can be undone once the server can be reached.');
      this.queue = this.queue.slice(0, -1);
      return this.refresh({ message: `Undo: ${last.label}.` });
    }
    await this.settle();
    const done = this.undoStack.pop();
    if (!done) return this.say('There is nothing of yours to undo.');
    await this.whileTakingBack(this.takeBack(done, `Undo: ${done.label}`, this.redoStack));
  }

  async redo(): Promise<void> {
    await this.settle();
    const undone = this.redoStack.pop();
    if (!undone) return this.say('There is nothing to redo.');
    await this.whileTakingBack(this.takeBack(undone, `Redo: ${undone.label}`, this.undoStack));
  }

  private async whileTakingBack(work: Promise<void>): Promise<void> {
    this.takingBack = work;
    await work;
    if (this.takingBack === work) this.takingBack = undefined;
  }

  /** Sends everything that waits, so that undo takes back the newest edit. */
  private async settle(): Promise<void> {
    this.queue = this.queue.map(edit => ({ ...edit, notBefore: 0 }));
    await this.flush();
    // A sending that was about to end because the newest edit still waited has not sent it.
    if (this.queue.length > 0 && this.get().saving !== 'offline') await this.flush();
  }

  /** Sends the inverse of an accepted edit against the revision it led to; what others changed since refuses it. */
  private async takeBack({ label, edit, documents }: Done, words: string, onto: Done[]): Promise<void> {
    const id = newId(random);
    try {
      const answer = await call<EditAnswer>('/edits', 'POST', {
        ...{ id, label: words, author: author(), undoes: edit },
        changes: documents.map(({ document, revision, inverse }) => ({
          document,
          base: revision,
          patch: inverse,
        })),
      });
      await this.catchUp();
      onto.push({ label, ...answer });
      this.update({ message: `${words}.` });
    } catch (error) {
      const conflict = error instanceof ApiProblem && error.status === 409;
      const why = conflict
        ? 'somebody has changed it since'
        : error instanceof Error
          ? error.message
          : String(error);
      this.say(`${words} is not possible: ${why}.`);
    }
  }
}
