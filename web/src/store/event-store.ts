/**
 * The open event: its documents as the server last told them, edits on their way, a preview while something
 * is dragged, and the assessment of all that. A venue at its door is opened the same way, with a plan that is
 * never kept: what an event would change for itself goes into the venue.
 */
import type { EditAnswer, EventBundle, LiveMessage } from '@idle-satchel/core/api';
import {
  changeForEvent,
  createAssessorBy,
  createSurveyAssessor,
  editPlan,
  newId,
  PatchError,
  settling,
  STATIONS,
  type Assessor,
  type Edit,
  type Operation,
  type Book,
  type RuleBook,
} from '@idle-satchel/core';
import type { Plan } from '@idle-satchel/core/documents';
import { listen } from '../api/live.js';
import { loadedAgain } from '../api/load.js';
import { madeBy } from '../api/me.js';
import { CalmChannel, Channel } from './channel.js';
import type { EventState } from './event-state.js';
import { History, whoChanged } from './history.js';
import { KnownDocuments, type Fetched } from './known-documents.js';
import { allStations, stationsHere } from './late-stations.js';
import { inVenue, MERGE_MS, withChanges, type LocalChange, type LocalEdit } from './outbox.js';
import { EditQueue } from './queue.js';
import { random } from '../api/random.js';
import { Sender } from './sender.js';
import type { Shown } from './shown.js';

/** What a device that keeps its work brings along when something is opened. */
export interface Kept {
  /** Edits that were made here but not sent when the page was closed, in order. */
  readonly waiting: readonly LocalEdit[];
  /** The documents are those this device kept: the newest are fetched once the server can be reached. */
  readonly stale: boolean;
  readonly beforeSending?: () => Promise<void>;
}

/** Between two tries to fetch the rules, ms. */
const CHECK_MS = 10_000;

const NO_RULES = Object.fromEntries(STATIONS.map(name => [name, []])) as unknown as RuleBook;

export class EventStore implements Shown {
  /** What is shown, at every step of a drag. */
  readonly live: Channel<EventState>;
  /** The same at reading pace, for words and numbers. */
  readonly calm: CalmChannel<EventState>;
  /** Resolves when the rules are here, or cannot be had. */
  readonly rulesHere: Promise<void>;
  private readonly assessor: Assessor;
  /** None until they are here: the first picture does not wait for them. */
  private rules: RuleBook = NO_RULES;
  private readonly known: KnownDocuments;
  private readonly queue: EditQueue;
  private readonly sender: Sender;
  private readonly history: History;
  private dragging: readonly LocalChange[] = [];
  private readonly ends: (() => void)[] = [];
  private readonly stopListening: () => void;
  private readonly stopWaiting: () => void;

  constructor(
    readonly id: string,
    opened: EventBundle,
    /** What is open: an event, or a venue at its door. */
    readonly of: 'event' | 'venue' = 'event',
    kept?: Kept,
  ) {
    const book = (): Book => ({ stations: stationsHere.get(), rules: this.rules });
    this.assessor = of === 'event' ? createAssessorBy(book) : createSurveyAssessor(book);
    this.queue = new EditQueue(kept?.waiting);
    this.known = new KnownDocuments(id, of, opened, change => this.fetched(change));
    this.history = new History(
      this.queue,
      () => this.sender,
      this,
      () => this.known,
    );
    this.sender = new Sender(this.queue, this.known, this, (edit, answer) =>
      this.history.accepted(edit, answer),
    );
    const { bundle, ids, venueNow } = this.known;
    const state: EventState = {
      bundle,
      ids,
      venueNow,
      assessment: this.assessor(bundle),
      saving: 'saved',
      waiting: 0,
      onDevice: 'keeping',
      message: '',
      canUndo: false,
      canRedo: false,
      checked: false,
    };
    this.live = new Channel(state);
    this.calm = new CalmChannel(state);
    this.stopListening = listen(message => void this.hear(message));
    this.stopWaiting = stationsHere.subscribe(() => this.refresh({}));
    this.rulesHere = this.check();
    if (!kept) return;
    this.sender.stale = kept.stale;
    this.sender.beforeSending = kept.beforeSending;
    this.refresh({ saving: kept.stale ? 'offline' : 'saving' });
    void this.sender.flush();
  }

  /** Fetches the rules and checks by them from then on. What cannot be had now is tried again. */
  private async check(): Promise<void> {
    try {
      const [{ RULES }] = await Promise.all([
        loadedAgain(() => import('@idle-satchel/core/rules')),
        allStations(),
      ]);
      this.rules = RULES;
      this.refresh({ checked: true });
    } catch {
      this.say('The checks could not be fetched; that is tried again.');
      const timer = setTimeout(() => void this.check(), CHECK_MS);
      this.ends.push(() => clearTimeout(timer));
    }
  }

  /** Sends what edits refer to, such as photos, before them. */
  sendFirst(send: () => Promise<void>): void {
    this.sender.beforeSending = send;
  }

  /** All as the server told it, with revisions of documents, and the edits that it does not have yet. */
  toKeep(): EventBundle & { readonly waiting: readonly LocalEdit[] } {
    const { shelf, hands, claims } = this.known.bundle;
    const { venueNow } = this.known;
    return { documents: this.known.snapshot(), shelf, hands, claims, venueNow, waiting: this.queue.all };
  }

  /** What that is made of: while each is the same, so is what is kept. */
  readonly keepsWhat = (): readonly unknown[] => [this.known.bundle, this.known.venueNow, this.queue.all];

  /** Calls something once this is closed, and what could still be sent has been. */
  whenClosed(end: () => void): void {
    this.ends.push(end);
  }

  close(): void {
    this.stopListening();
    this.stopWaiting();
    void this.sender.close().then(() => this.ends.forEach(end => end()));
  }

  /** The page goes away, perhaps for good: what waited for more of the same goes out behind it. */
  readonly sendLast = (): void => this.sender.sendLast();

  /** Resolves when what waits has been sent, or cannot be sent just now. */
  readonly sent = (): Promise<void> => this.sender.flush();

  /** Whether the server has everything that was done here. */
  readonly isSettled = (): boolean =>
    this.queue.first === undefined && this.history.busy === undefined && this.get().saving === 'saved';

  /** Sends what waits at once; true when the server has all that was done here, false when it cannot be reached. */
  readonly whenSettled = async (): Promise<boolean> => {
    await this.sender.settle();
    await this.history.busy;
    return this.isSettled();
  };

  readonly get = (): EventState => this.live.get();

  update(change: Partial<EventState>): void {
    const { canUndo, canRedo } = this.history;
    const state = {
      ...this.get(),
      ids: this.known.ids,
      venueNow: this.known.venueNow,
      ...change,
      waiting: this.queue.all.length,
      canUndo,
      canRedo,
    };
    this.live.set(state);
    this.calm.follow(state, this.dragging.length > 0);
  }

  /** Base, then edits on their way, then what is being dragged; an edit that no longer fits is dropped and told. */
  refresh(change: Partial<EventState> = {}): void {
    const { bundle: waiting, lost } = this.queue.over(this.known.bundle);
    let bundle = waiting;
    try {
      bundle = withChanges(waiting, this.dragging);
    } catch (error) {
      if (!(error instanceof PatchError)) throw error;
      this.dragging = [];
    }
    const message = lost.length > 0 ? { message: `No longer possible: ${lost.join(', ')}.` } : {};
    this.update({ bundle, assessment: this.assessor(bundle), ...change, ...message });
  }

  say(message: string): void {
    this.update({ message });
  }

  /** Shows a change without keeping it: while something is dragged. */
  preview(changes: readonly LocalChange[]): void {
    this.dragging = changes;
    this.refresh();
  }

  /** Keeps a change: shown at once, sent in order. Throws nothing; what does not fit is told in a line. */
  commit(label: string, wanted: readonly LocalChange[], mergeKey?: string): void {
    this.dragging = [];
    this.history.branch();
    let changes = wanted;
    try {
      if (this.of === 'venue') changes = inVenue(this.get().bundle, wanted);
    } catch (error) {
      if (!(error instanceof PatchError)) throw error;
      return this.refresh({ message: `No longer possible: ${label}.` });
    }
    if (changes.length === 0) return this.refresh();
    this.queue.add({
      id: newId(random),
      label: label.slice(0, 120),
      changes,
      ...madeBy(),
      ...(mergeKey === undefined ? {} : { mergeKey }),
      notBefore: mergeKey === undefined ? 0 : Date.now() + MERGE_MS,
    });
    const cut = this.get().saving === 'offline';
    this.refresh({ saving: cut ? 'offline' : 'saving', message: '' });
    void this.sender.flush();
  }

  /** The most common edit: some steps in the plan. */
  editPlan(label: string, steps: (plan: Edit<Plan>) => Edit<Plan>, mergeKey?: string): void {
    this.patchPlan(label, steps(editPlan(this.get().bundle.plan)).patch, mergeKey);
  }
  /** A patch of the plan that was made elsewhere. */
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
    } catch (error) {
      if (!(error instanceof PatchError)) throw error;
      return this.say(`${label} is not possible any more: somebody took it out.`);
    }
    if (changes.length > 0) this.patchPlan(label, changes, mergeKey);
  }

  readonly undo = (): Promise<void> => this.history.undo();
  readonly redo = (): Promise<void> => this.history.redo();

  /** A change was fetched: one’s own has arrived, another’s may be over what was done here. */
  private fetched(change: Fetched): void {
    const mine = this.queue.has(change.edit);
    this.queue.drop(change.edit);
    const over = mine ? undefined : this.history.overlaid(change);
    if (over !== undefined) this.say(`“${over}”: ${whoChanged(change)}.`);
  }

  /** A document was brought back to what it was: an edit of one’s own like any other. */
  broughtBack(revision: number, answer: EditAnswer): void {
    this.history.took(`Bring back edit ${revision}`, answer);
    this.say(`Brought back as it was after edit ${revision}.`);
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
      } else if (resync || (name && revision > this.known.revision(name))) await this.sender.catchUp();
    } catch (error) {
      this.sender.behind(error);
    }
  }
}
