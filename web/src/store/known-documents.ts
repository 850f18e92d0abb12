/** The documents of what is open as the server told them, and how they are brought to its newest. */
import { bundleOf, collision } from '@idle-satchel/core';
import type { DocumentKind, EditAnswer, EventBundle } from '@idle-satchel/core/api';
import type { Bundle } from '@idle-satchel/core';
import { call } from '../api/client.js';
import { withChanges, type LocalChange } from './outbox.js';

/** A change that was fetched: whose, and what it did to a document. */
export interface Fetched extends LocalChange {
  readonly edit: string;
  readonly label: string;
  readonly author: string;
}

/** The first of some changes that touches the same as some others. */
export const touching = (fetched: readonly Fetched[], changes: readonly LocalChange[]): Fetched | undefined =>
  fetched.findLast(({ document, patch }) =>
    changes.some(mine => mine.document === document && collision(mine.patch, patch) !== undefined),
  );

/** Fetched changes that are remembered, to tell whose they were. */
const REMEMBERED = 50;

const NAMES: readonly DocumentKind[] = ['plan', 'venue', 'rules', 'kinds'];

const each = <T>(of: (name: DocumentKind) => T): Record<DocumentKind, T> => ({
  plan: of('plan'),
  venue: of('venue'),
  rules: of('rules'),
  kinds: of('kinds'),
});

export class KnownDocuments {
  /** Without edits that are still on their way. */
  bundle: Bundle;
  ids: Readonly<Record<DocumentKind, string>>;
  /** Newest revision of the venue, which an event may not have taken over yet. */
  venueNow: number;
  private readonly revisions: Record<DocumentKind, number>;
  /** Documents that are followed as others change them; an event stays with the survey it is pinned to. */
  private readonly followed: readonly DocumentKind[];
  private catching: Promise<void> | undefined;
  private behind = false;
  /** What was fetched last. */
  fetched: readonly Fetched[] = [];

  constructor(
    private readonly id: string,
    private readonly of: 'event' | 'venue',
    { documents, shelf, hands, claims, venueNow }: EventBundle,
    /** Hears of each change that was fetched and is applied now. */
    private readonly onFetched: (change: Fetched) => void,
  ) {
    this.followed = of === 'event' ? ['plan', 'rules', 'kinds'] : ['venue', 'rules', 'kinds'];
    this.bundle = bundleOf({ documents, shelf, hands, claims });
    this.revisions = each(name => documents[name].revision);
    this.ids = each(name => documents[name].id);
    this.venueNow = venueNow;
  }

  nameOf(document: string): DocumentKind | undefined {
    return NAMES.find(name => this.ids[name] === document);
  }

  revision = (name: DocumentKind): number => this.revisions[name];

  /** As they are fetched: id, revision and body of each. */
  snapshot(): EventBundle['documents'] {
    const of = <Name extends DocumentKind>(name: Name) => ({
      id: this.ids[name],
      revision: this.revisions[name],
      body: this.bundle[name],
    });
    return { plan: of('plan'), venue: of('venue'), rules: of('rules'), kinds: of('kinds') };
  }

  /** Changes as they are sent: each on top of the revision that is known. */
  addressed = (changes: readonly LocalChange[]) =>
    changes.map(({ document, patch }) => ({
      document: this.ids[document],
      base: this.revisions[document],
      patch,
    }));

  /** Takes over an edit that the server accepted; what others did before it is fetched first. */
  async take(changes: readonly LocalChange[], { documents }: EditAnswer): Promise<void> {
    const named = documents.flatMap(({ document, revision }) => {
      const name = this.nameOf(document);
      return name === undefined ? [] : [{ name, revision }];
    });
    if (named.some(({ name, revision }) => revision !== this.revisions[name] + 1)) await this.catchUp();
    else {
      this.bundle = withChanges(this.bundle, changes);
      for (const { name, revision } of named) this.revisions[name] = revision;
    }
    await this.followPin();
    this.venueNow = Math.max(this.venueNow, this.revisions.venue);
  }

  /** Brings every document to the server's newest revision; the venue stays at the one the plan is pinned to. */
  catchUp(): Promise<void> {
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
    for (const name of this.followed) {
      const answer = await call('GET /documents/:id/changes', {
        id: this.ids[name],
        since: this.revisions[name],
      });
      if (answer.body) {
        this.bundle = { ...this.bundle, [name]: answer.body };
        this.revisions[name] = answer.revision;
      }
      for (const { revision, edit, label, author, patch } of answer.changes ?? []) {
        if (revision !== this.revisions[name] + 1) continue;
        this.bundle = withChanges(this.bundle, [{ document: name, patch }]);
        this.revisions[name] = revision;
        const change = { edit, label, author, document: name, patch };
        this.fetched = [...this.fetched, change].slice(-REMEMBERED);
        this.onFetched(change);
      }
    }
    await this.followPin();
  }

  /** Fetches the venue anew when the plan is pinned to another one, or to another revision of it. */
  private async followPin(): Promise<void> {
    const { id, revision } = this.bundle.plan.venue;
    if (this.of === 'venue' || (id === this.ids.venue && revision === this.revisions.venue)) return;
    const { documents, venueNow } = await call('GET /events/:id/bundle', { id: this.id });
    this.bundle = { ...this.bundle, venue: documents.venue.body };
    this.revisions.venue = documents.venue.revision;
    this.ids = { ...this.ids, venue: documents.venue.id };
    this.venueNow = venueNow;
  }

  /** Fetches shelf, people and claims anew, which have no revisions. */
  async reloadViews(): Promise<void> {
    const { shelf, hands, claims } = await call(`GET /${this.of}s/:id/bundle`, { id: this.id });
    this.bundle = { ...this.bundle, shelf, hands, claims };
  }
}
