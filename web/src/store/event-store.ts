/**
 * The open event: its documents as the server last told them, edits on their way, a preview while something
 * is dragged, and the assessment of all that.
 */
import { createAssessor, newId, type Assessment, type Bundle, type Operation } from '@idle-satchel/core';
import { ApiProblem, call, type DocumentName, type EventBundle } from '../api/client.js';
import { listen, type LiveMessage } from '../api/live.js';
import { author } from '../api/signature.js';
import { CalmChannel, Channel } from './channel.js';
import { merged, MERGE_MS, withChanges, type LocalChange, type LocalEdit } from './outbox.js';

const NAMES: readonly DocumentName[] = ['plan', 'venue', 'rules', 'kinds'];

/** An accepted edit of this browser's own that can be taken back. */
interface Done {
  readonly label: string;
  readonly edit: string;
  readonly documents: readonly { document: string; revision: number; inverse: readonly Operation[] }[];
}

export interface EventState {
  readonly bundle: Bundle;
  readonly assessment: Assessment;
  readonly ids: Readonly<Record<DocumentName, string>>;
  readonly venueNow: number;
  readonly saving: 'saved' | 'saving' | 'offline';
  /** A line for people: what was undone, refused, or changed by somebody else. */
  readonly message: string;
  readonly canUndo: boolean;
  readonly canRedo: boolean;
}

interface EditAnswer {
  readonly edit: string;
  readonly documents: Done['documents'];
}

const random = (): number => (crypto.getRandomValues(new Uint32Array(1))[0] ?? 0) / 2 ** 32;
const RETRY_MS = 2000;

export class EventStore {
  /** What is shown, at every step of a drag. */
  readonly live: Channel<EventState>;
  /** The same at reading pace, for words and numbers. */
  readonly calm: CalmChannel<EventState>;
  private readonly assessor = createAssessor();
  /** Documents and revisions as the server told them, without edits that are still on their way. */
  private base: Bundle;
  private readonly revisions: Record<DocumentName, number>;
  private queue: LocalEdit[] = [];
  private dragging: readonly LocalChange[] = [];
  private readonly undoStack: Done[] = [];
  private redoStack: Done[] = [];
  private sending = false;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private readonly stopListening: () => void;

  constructor(
    readonly id: string,
    opened: EventBundle,
  ) {
    const { documents, shelf, hands, claims, venueNow } = opened;
    const body = <Name extends DocumentName>(name: Name): Bundle[Name] => documents[name].body;
    this.base = {
      plan: body('plan'),
      venue: body('venue'),
      rules: body('rules'),
      kinds: body('kinds'),
      shelf,
      hands,
      claims,
    };
    const each = <T>(of: (name: DocumentName) => T): Record<DocumentName, T> => ({
      ...{ plan: of('plan'), venue: of('venue') },
      ...{ rules: of('rules'), kinds: of('kinds') },
    });
    this.revisions = each(name => documents[name].revision);
    const state: EventState = {
      bundle: this.base,
      assessment: this.assessor(this.base),
      ids: each(name => documents[name].id),
      venueNow,
      ...{ saving: 'saved', message: '', canUndo: false, canRedo: false },
    };
    this.live = new Channel(state);
    this.calm = new CalmChannel(state);
    this.stopListening = listen(message => void this.hear(message));
  }

  static async open(id: string): Promise<EventStore> {
    return new EventStore(id, await call<EventBundle>(`/events/${id}/bundle`));
  }

  close(): void {
    this.stopListening();
    clearTimeout(this.timer);
    void this.flush();
  }

  readonly get = (): EventState => this.live.get();

  private update(change: Partial<EventState>): void {
    const state = {
      ...this.get(),
      ...change,
      canUndo: this.undoStack.length > 0 || this.queue.length > 0,
      canRedo: this.redoStack.length > 0,
    };
    this.live.set(state);
    this.calm.follow(state, this.dragging.length > 0);
  }

  /** Base, then edits on their way, then what is being dragged; an edit that no longer fits is dropped and told. */
  private refresh(change: Partial<EventState> = {}): void {
    let bundle = this.base;
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
  commit(label: string, changes: readonly LocalChange[], mergeKey?: string): void {
    this.dragging = [];
    this.redoStack = [];
    this.enqueue({
      id: newId(random),
      ...{ label, changes },
      ...(mergeKey === undefined ? {} : { mergeKey }),
      notBefore: mergeKey === undefined ? 0 : Date.now() + MERGE_MS,
    });
  }

  /** The most common edit: one patch of the plan. */
  patchPlan(label: string, patch: readonly Operation[], mergeKey?: string): void {
    this.commit(label, [{ document: 'plan', patch }], mergeKey);
  }

  say(message: string): void {
    this.update({ message });
  }

  private enqueue(edit: LocalEdit): void {
    const last = this.queue.at(-1);
    const joins =
      last?.mergeKey !== undefined && last.mergeKey === edit.mergeKey && last.notBefore > Date.now();
    if (joins && !(this.sending && this.queue.length === 1)) this.queue.splice(-1, 1, merged(last, edit));
    else {
      if (last && last.notBefore > 0) this.queue.splice(-1, 1, { ...last, notBefore: 0 });
      this.queue.push(edit);
    }
    this.refresh({ saving: 'saving', message: '' });
    void this.flush();
  }

  private async flush(): Promise<void> {
    if (this.sending) return;
    clearTimeout(this.timer);
    this.sending = true;
    try {
      while (this.queue[0]) {
        const wait = this.queue[0].notBefore - Date.now();
        if (wait > 0) {
          this.timer = setTimeout(() => void this.flush(), wait);
          return;
        }
        if (!(await this.send(this.queue[0]))) return;
      }
      const back = this.get().saving === 'offline';
      this.update({ saving: 'saved', ...(back ? { message: 'Connected again: everything is saved.' } : {}) });
    } finally {
      this.sending = false;
    }
  }

  /** Sends one edit; false when it has to be tried again later. */
  private async send(edit: LocalEdit): Promise<boolean> {
    const changes = edit.changes.map(({ document, patch }) => ({
      document: this.get().ids[document],
      base: this.revisions[document],
      patch,
    }));
    const { id, label, undoes } = edit;
    try {
      const answer = await call<EditAnswer>('/edits', 'POST', {
        ...{ id, label, author: author(), changes },
        ...(undoes ? { undoes } : {}),
      });
      await this.accepted(edit, answer);
      return true;
    } catch (error) {
      return this.refused(edit, error);
    }
  }

  private async accepted(edit: LocalEdit, answer: EditAnswer): Promise<void> {
    const behind = answer.documents.some(({ document, revision }) => {
      const name = this.nameOf(document);
      return name !== undefined && revision !== this.revisions[name] + 1;
    });
    if (behind) await this.catchUp();
    else {
      // `catchUp` may have brought this very edit already.
      this.base = withChanges(this.base, edit.changes);
      for (const { document, revision } of answer.documents) {
        const name = this.nameOf(document);
        if (name) this.revisions[name] = revision;
      }
    }
    this.queue = this.queue.filter(each => each.id !== edit.id);
    if (edit.undoes === undefined) this.undoStack.push({ label: edit.label, ...answer });
    this.refresh({ venueNow: Math.max(this.get().venueNow, this.revisions.venue) });
  }

  private async refused(edit: LocalEdit, error: unknown): Promise<boolean> {
    const problem = error instanceof ApiProblem ? error : new ApiProblem(0, String(error));
    if (problem.status === 0 || problem.status >= 500 || problem.status === 429) {
      this.update({
        saving: 'offline',
        message: `${problem.message}; your changes are kept here and sent later.`,
      });
      this.timer = setTimeout(() => void this.flush(), RETRY_MS);
      return false;
    }
    await this.catchUp();
    if (problem.status === 409 && edit.undoes === undefined && this.queue.includes(edit)) {
      // Rebased on what the others did: what was asked for still stands, on top of theirs.
      this.say(`${edit.label}: somebody changed the same thing just now; yours was put on top.`);
      return true;
    }
    this.queue = this.queue.filter(each => each.id !== edit.id);
    const why = problem.status === 409 ? 'somebody has changed it since' : problem.lines.join(' · ');
    this.refresh({ message: `${edit.label} was not possible: ${why}.` });
    return true;
  }

  private nameOf(document: string): DocumentName | undefined {
    return NAMES.find(name => this.get().ids[name] === document);
  }

  private async hear(message: LiveMessage): Promise<void> {
    try {
      if (message.shelf || message.hands) await this.reloadViews();
      const name = message.document === undefined ? undefined : this.nameOf(message.document);
      if (message.resync || (name && (message.revision ?? 0) > this.revisions[name])) await this.catchUp();
    } catch {
      this.update({ saving: 'offline' });
    }
  }

  private async reloadViews(): Promise<void> {
    const { shelf, hands, claims } = await call<EventBundle>(`/events/${this.id}/bundle`);
    this.base = { ...this.base, shelf, hands, claims };
    this.refresh();
  }

  private catching: Promise<void> | undefined;
  private behind = false;

  /** Brings every document to the server's newest revision; the venue stays at the one the plan is pinned to. */
  private catchUp(): Promise<void> {
    // Asked for while it runs, it runs once more: what just happened may have come too late for it.
    this.behind = true;
    this.catching ??= this.keepCatchingUp().finally(() => (this.catching = undefined));
    return this.catching;
  }

  private async keepCatchingUp(): Promise<void> {
    while (this.behind) {
      this.behind = false;
      await this.fetchChanges();
    }
  }

  private async fetchChanges(): Promise<void> {
    const pinned = this.base.plan.venue.revision;
    for (const name of NAMES) {
      if (name === 'venue') continue;
      interface Changes {
        readonly revision: number;
        readonly body?: Bundle[DocumentName];
        readonly changes?: readonly {
          readonly revision: number;
          readonly edit: string;
          readonly patch: readonly Operation[];
        }[];
      }
      const answer = await call<Changes>(
        `/documents/${this.get().ids[name]}/changes?since=${this.revisions[name]}`,
      );
      if (answer.body) {
        this.base = { ...this.base, [name]: answer.body };
        this.revisions[name] = answer.revision;
      }
      for (const { revision, edit, patch } of answer.changes ?? []) {
        if (revision !== this.revisions[name] + 1) continue;
        this.base = withChanges(this.base, [{ document: name, patch }]);
        this.revisions[name] = revision;
        this.queue = this.queue.filter(each => each.id !== edit);
      }
    }
    if (this.base.plan.venue.revision !== pinned) {
      const { documents, venueNow } = await call<EventBundle>(`/events/${this.id}/bundle`);
      this.base = { ...this.base, venue: documents.venue.body };
      this.revisions.venue = documents.venue.revision;
      this.refresh({ venueNow });
      return;
    }
    this.refresh();
  }

  async undo(): Promise<void> {
    await this.settle();
    const done = this.undoStack.pop();
    if (!done) return this.say('There is nothing of yours to undo.');
    await this.takeBack(done, `Undo: ${done.label}`, this.redoStack);
  }

  async redo(): Promise<void> {
    await this.settle();
    const undone = this.redoStack.pop();
    if (!undone) return this.say('There is nothing to redo.');
    await this.takeBack(undone, `Redo: ${undone.label}`, this.undoStack);
  }

  /** Sends everything that waits, so that undo takes back the newest edit. */
  private async settle(): Promise<void> {
    this.queue = this.queue.map(edit => ({ ...edit, notBefore: 0 }));
    await this.flush();
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
