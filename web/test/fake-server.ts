/** A stand-in for the server's edit protocol: revisions, inverses, collisions, and a line that can be cut. */
import { applyPatch, collision, invertPatch, type Bundle, type Operation } from '@idle-satchel/core';
import { vi } from 'vitest';

interface Entry {
  readonly revision: number;
  readonly edit: string;
  readonly label: string;
  readonly author: string;
  readonly patch: readonly Operation[];
}

interface Sent {
  readonly id: string;
  readonly label: string;
  readonly author: string;
  readonly undoes?: string;
  readonly changes: readonly { document: string; base: number; patch: readonly Operation[] }[];
}

const NAMES = ['plan', 'venue', 'rules', 'kinds'] as const;
type Name = (typeof NAMES)[number];

export class FakeServer {
  readonly sent: Sent[] = [];
  /** Set to break the line: fetch then fails as it does without a network. */
  cut = false;
  /** Answers to give before the real ones, e.g. one 503. */
  readonly failures: number[] = [];
  private readonly log: Record<Name, Entry[]> = { plan: [], venue: [], rules: [], kinds: [] };

  constructor(readonly bundle: Bundle) {
    this.bodies = { plan: bundle.plan, venue: bundle.venue, rules: bundle.rules, kinds: bundle.kinds };
  }
  readonly bodies: { [K in Name]: Bundle[K] };

  revision = (name: Name): number => this.log[name].length + 1;

  /** An edit that somebody else made. */
  elsewhere(patch: readonly Operation[], edit = 'theirs', name: Name = 'plan'): void {
    this.append(name, { id: edit, label: 'Their edit', author: 'Petra' }, patch);
  }

  private append(
    name: Name,
    { id, label, author }: Pick<Sent, 'id' | 'label' | 'author'>,
    patch: readonly Operation[],
  ): readonly Operation[] {
    const inverse = invertPatch(this.bodies[name], patch);
    (this.bodies as Record<Name, unknown>)[name] = applyPatch(this.bodies[name], patch);
    this.log[name].push({ revision: this.revision(name) + 1, edit: id, label, author, patch });
    return inverse;
  }

  private postEdit(sent: Sent): Response {
    this.sent.push(sent);
    for (const { document, base, patch } of sent.changes) {
      const since = this.log[document as Name].filter(entry => entry.revision > base);
      if (since.some(entry => collision(patch, entry.patch) !== undefined))
        return answer(409, { title: 'Collides', documents: [] });
    }
    const documents = sent.changes.map(({ document, patch }) => {
      const inverse = this.append(document as Name, sent, patch);
      return { document, revision: this.revision(document as Name), inverse };
    });
    return answer(200, { edit: sent.id, documents });
  }

  readonly fetch = (path: string, init?: { method?: string; body?: string }): Promise<Response> => {
    if (this.cut) return Promise.reject(new TypeError('fetch failed'));
    const failure = this.failures.shift();
    if (failure !== undefined) return Promise.resolve(answer(failure, { title: 'Not now' }));
    if (path.endsWith('/edits')) return Promise.resolve(this.postEdit(JSON.parse(init?.body ?? '') as Sent));
    const changes = /documents\/(\w+)\/changes\?since=(\d+)$/.exec(path);
    if (changes) {
      const name = changes[1] as Name;
      const since = this.log[name].filter(entry => entry.revision > Number(changes[2]));
      return Promise.resolve(answer(200, { revision: this.revision(name), changes: since }));
    }
    const { shelf, hands, claims } = this.bundle;
    const documents = Object.fromEntries(
      NAMES.map(name => [name, { id: name, revision: this.revision(name), body: this.bodies[name] }]),
    );
    return Promise.resolve(answer(200, { documents, shelf, hands, claims, venueNow: 1 }));
  };
}

/** What a browser has and Node has not; `fetch` reaches the server of the moment. */
export class FakeBrowser {
  server: FakeServer | undefined;
  private readonly channels: { onmessage?: (event: { data: object }) => void }[] = [];

  constructor() {
    const { channels } = this;
    vi.stubGlobal('fetch', (path: string, init?: { method?: string; body?: string }) =>
      this.server?.fetch(path, init),
    );
    vi.stubGlobal('localStorage', { getItem: () => null, setItem: () => undefined });
    vi.stubGlobal('navigator', { locks: { request: () => new Promise(() => undefined) } });
    vi.stubGlobal(
      'BroadcastChannel',
      class {
        constructor() {
          channels.push(this);
        }
      },
    );
  }

  /** What another tab passes on from the live connection. */
  hear(message: object): void {
    for (const channel of this.channels) channel.onmessage?.({ data: message });
  }
}

const answer = (status: number, body: object): Response =>
  new Response(JSON.stringify(body), { status, headers: { 'content-type': 'application/json' } });
