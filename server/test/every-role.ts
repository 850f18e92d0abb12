/** Somebody in every role of the demo organisation, each in a browser of their own, and somebody of another house. */
import { editOf, FRIDAY, setUp, type Setup } from './helper.js';
import type { Operation } from '@idle-satchel/core';
import type { Role } from '@idle-satchel/core/access';
import type { Kinds, Plan, Rules, Venue } from '@idle-satchel/core/documents';
import { browser, member, OTHER_HOUSE, SERVING, signedIn, type Agent } from './people.js';

export const API = '/api/v1';
export const ALL_ROLES = ['owner', 'planner', 'hand', 'guest'] as const;
/** An event that the hand does not serve at, and that is not the guest’s. */
export const OTHER_EVENT = 'eventgreen1';

interface At<Body> {
  readonly id: string;
  readonly revision: number;
  readonly body: Body;
}
export interface Documents {
  readonly plan: At<Plan>;
  readonly venue: At<Venue>;
  readonly rules: At<Rules>;
  readonly kinds: At<Kinds>;
}

export class EveryRole {
  private constructor(
    readonly setup: Setup,
    readonly agents: Readonly<Record<Role, Agent>>,
    /** An owner of the other house. */
    readonly stranger: Agent,
    /** Of each kind of thing one that is there, by how its address begins. */
    readonly ids: Readonly<Record<string, string>>,
  ) {}

  static async signIn(): Promise<EveryRole> {
    const setup = await setUp({ demo: false });
    await member(setup, 'olwen', 'owner');
    await member(setup, 'pia', 'planner');
    await member(setup, 'hal', 'hand', { person: SERVING });
    await member(setup, 'cedar', 'owner', { house: OTHER_HOUSE });
    const owner = await signedIn(setup, 'olwen');
    const link = await owner.post(`${API}/guest-links`).send({ event: FRIDAY, label: 'Choir', days: 1 });
    const guest = browser(setup);
    await guest.post(`${API}/guest-links/enter`).send({ token: (link.body as { token: string }).token });
    const agents = {
      owner,
      planner: await signedIn(setup, 'pia'),
      hand: await signedIn(setup, 'hal'),
      guest,
    };
    const stranger = await signedIn(setup, 'cedar');
    const itemsOf = async (agent: Agent): Promise<string[]> =>
      ((await agent.get(`${API}/items`)).body as { items: { id: string }[] }).items.map(({ id }) => id);
    const others = new Set(await itemsOf(stranger));
    const items = (await itemsOf(owner)).find(id => !others.has(id)) ?? '';
    const plan = (await owner.get(`${API}/documents/${FRIDAY}`)).body as { body: Plan };
    return new EveryRole(setup, agents, stranger, {
      ...{ events: FRIDAY, documents: FRIDAY, venues: plan.body.venue.id, items, people: SERVING },
      ...{
        pictures: 'picture00001',
        files: 'file00000001',
        bookings: 'booking00001',
        sessions: 'session00001',
      },
      ...{ members: 'member000001', invitations: 'invite000001', 'guest-links': 'link00000001' },
      'duty-links': 'link00000001',
      'item-changes': 'change000001',
      account: 'passkey00001',
    });
  }

  /** The event as somebody sees it. */
  async documents(role: Role): Promise<Documents> {
    const answer = await this.agents[role].get(`${API}/events/${FRIDAY}/bundle`);
    return (answer.body as { documents: Documents }).documents;
  }
  /** A document as an owner sees it now: an event is planned on its venue as that was. */
  async newest<Kind extends keyof Documents>(kind: Kind): Promise<Documents[Kind]> {
    const { id } = (await this.documents('owner'))[kind];
    const answer = await this.agents.owner.get(`${API}/documents/${id}`);
    const { revision, body } = answer.body as Documents[Kind];
    return { id, revision, body } as Documents[Kind];
  }
  edit(role: Role, document: string, base: number, patch: readonly Operation[]) {
    return this.agents[role]
      .post(`${API}/edits`)
      .send(editOf(base, patch, { changes: [{ document, base, patch }] }));
  }
}
