/** A roster as a programme: who is put on what, within the rules that the house looks after its people by. */
import { dayIn, inOrder } from '../../foundations/index.js';
import { levelOf } from '../../stations/hands/levels.js';
import { isFamily, tied } from '../../stations/ties.js';
import { isVettedOn } from '../../stations/youth.js';
import { Programme, rule, type Rule, type Sum, type Variable } from '../solver/index.js';
import { clashOf, type Clash } from './between.js';
import { familiesAmong } from './families.js';
import { atEvents, hindranceOf, learningFor, type AtEvent } from './eligible.js';
import type { Job, RosterEvent, RosterProblem } from './problem.js';

/** Somebody who may be put on a job. */
export interface Choice {
  readonly event: RosterEvent;
  readonly job: Job;
  readonly person: string;
  readonly learning: boolean;
  readonly on: Variable;
}

/** A job that may stay empty. */
export interface Hole {
  readonly event: RosterEvent;
  readonly job: Job;
  readonly empty: Variable;
}

export interface RosterModel {
  readonly programme: Programme;
  readonly choices: readonly Choice[];
  readonly holes: readonly Hole[];
  readonly at: (person: string, event: RosterEvent) => AtEvent;
  /** One person’s duties at an event: 0 or 1. */
  readonly onDuty: (person: string, event: RosterEvent) => Sum;
  /** Jobs that are somebody’s already, though a rule is against it. */
  readonly against: readonly { readonly event: RosterEvent; readonly job: Job; readonly why: string }[];
}

/** What giving up a rule costs beside others, when it is asked who could fill a hole; what keeps people safe costs most. */
const PRICE = {
  monthly: 1,
  apart: 3,
  accepted: 4,
  away: 5,
  together: 5,
  learner: 20,
  skill: 50,
  safety: 1000,
};

const named = (words: string, reason: keyof typeof PRICE): Rule => rule(words, '', PRICE[reason]);

/** Whether people could give a rule up if they agreed; what they have not learnt and what keeps them safe stays. */
export const givesWay = ({ price }: Rule): boolean => price < PRICE.learner;

/** A job that must be filled, with everybody looked at for it: for asking why nobody can be. */
export interface Asked {
  readonly event: RosterEvent;
  readonly job: Job;
}

/** Why somebody cannot have two duties, in a sentence. */
export const CLASH_WORDS: Readonly<Record<Clash, (name: string, one: string, other: string) => string>> = {
  'at once': (name, one, other) => `${name} cannot be at ${one} and ${other} at once`,
  way: (name, one, other) => `${name} has no time for the way between ${one} and ${other}`,
  rest: (name, one, other) => `${name} rests between ${one} and ${other}`,
};

export function rosterModel(problem: RosterProblem, asked?: Asked): RosterModel {
  const builder = new Building(problem, asked);
  builder.jobs();
  builder.oneJobEach();
  builder.betweenEvents();
  builder.monthly();
  builder.together();
  builder.learners();
  builder.young();
  return builder.model();
}

class Building {
  private readonly programme = new Programme();
  private readonly choices: Choice[] = [];
  private readonly holes: Hole[] = [];
  private readonly against: { event: RosterEvent; job: Job; why: string }[] = [];
  private readonly ids: readonly string[];
  private readonly at: (person: string, event: RosterEvent) => AtEvent;
  /** Choices of a person at an event. */
  private readonly of = new Map<string, Choice[]>();

  constructor(
    private readonly problem: RosterProblem,
    private readonly asked: Asked | undefined,
  ) {
    this.at = atEvents(problem.people, problem.care);
    this.ids = inOrder(problem.people).flatMap(([id, { erased }]) => (erased ? [] : [id]));
  }

  model(): RosterModel {
    const { programme, choices, holes, against } = this;
    return { programme, choices, holes, against, at: this.at, onDuty: this.onDuty };
  }

  private readonly onDuty = (person: string, event: RosterEvent): Sum =>
    (this.of.get(`${person} ${event.id}`) ?? []).map(({ on }) => [1, on] as const);

  private person(id: string) {
    const person = this.problem.people[id];
    if (!person) throw new RangeError(`nobody is ${id}`);
    return person;
  }

  /** Each job is done by one person, or stays empty. */
  jobs(): void {
    for (const event of this.problem.events) for (const job of event.jobs) this.job(event, job);
  }

  private job(event: RosterEvent, job: Job): void {
    const isAsked = this.asked?.event.id === event.id && this.asked.job === job;
    const own: [number, Variable][] = [];
    for (const id of this.ids) {
      const held = event.fixed === true || job.accepted === true || job.kept === true;
      const stays = held && job.person === id;
      if (event.fixed && !stays) continue;
      const hindrance = hindranceOf(this.person(id), event, job, this.at(id, event));
      if (hindrance && stays) this.against.push({ event, job, why: hindrance.words });
      if (hindrance && !stays && !isAsked) continue;
      const on = this.programme.yesNo();
      if (hindrance && isAsked && !stays) {
        const reason = hindrance.why === 'late' ? 'safety' : hindrance.why;
        this.programme.atMost([[1, on]], 0, named(hindrance.words, reason));
      }
      own.push([1, on]);
      this.keep({ event, job, person: id, on, learning: learningFor(this.person(id), job).length > 0 });
      if (stays) {
        const how = job.accepted ? 'has said yes to' : 'is kept on';
        const words = `${this.person(id).name} ${how} ${job.label} at ${event.label}`;
        this.programme.atLeast([[1, on]], 1, event.fixed ? undefined : named(words, 'accepted'));
      }
    }
    if (event.fixed) return;
    const empty = this.programme.yesNo();
    this.holes.push({ event, job, empty });
    this.programme.exactly([...own, [1, empty]], 1);
  }

  private keep(choice: Choice): void {
    this.choices.push(choice);
    const key = `${choice.person} ${choice.event.id}`;
    this.of.set(key, [...(this.of.get(key) ?? []), choice]);
  }

  oneJobEach(): void {
    for (const event of this.problem.events)
      for (const id of this.ids) {
        const sum = this.onDuty(id, event);
        if (sum.length > 1)
          this.programme.atMost(
            sum,
            1,
            named(`${this.person(id).name} does one thing at ${event.label}`, 'safety'),
          );
      }
  }

  /** Nobody is in two places, and everybody has time for the way and rests overnight. */
  betweenEvents(): void {
    const { events, care } = this.problem;
    for (const [i, one] of events.entries())
      for (const other of events.slice(i + 1))
        for (const id of this.ids) {
          const [here, there] = [this.onDuty(id, one), this.onDuty(id, other)];
          if (here.length === 0 || there.length === 0 || (one.fixed && other.fixed)) continue;
          const person = this.person(id);
          const clash = clashOf(person, one, other, care);
          if (clash === undefined) continue;
          const words = CLASH_WORDS[clash](person.name, one.label, other.label);
          this.programme.atMost([...here, ...there], 1, named(words, 'safety'));
        }
  }

  /** Nobody does more events in a month than they said. */
  monthly(): void {
    const months = new Map<string, RosterEvent[]>();
    for (const event of this.problem.events) {
      const month = dayIn(event.zone, event.from).slice(0, 7);
      months.set(month, [...(months.get(month) ?? []), event]);
    }
    for (const id of this.ids) {
      const { most, name } = this.person(id);
      if (most === undefined) continue;
      for (const [month, events] of months) {
        const sum = events.flatMap(event => this.onDuty(id, event));
        const left = most - (this.problem.inMonth[`${id} ${month}`] ?? 0);
        // What they do already stays, even if it is more than they said.
        const fixed = events.filter(({ fixed }) => fixed).flatMap(event => this.onDuty(id, event)).length;
        if (sum.length > Math.max(0, left))
          this.programme.atMost(
            sum,
            Math.max(left, fixed),
            named(`${name} does at most ${most} in ${month}`, 'monthly'),
          );
      }
    }
  }

  /** Who comes together comes together; who is kept apart is not at one event. */
  together(): void {
    const { people, events } = this.problem;
    for (const [i, one] of this.ids.entries())
      for (const other of this.ids.slice(i + 1)) {
        const apart = tied(people, one, other, ['keep apart']);
        const together = tied(people, one, other, ['come together']);
        if (!apart && !together) continue;
        const names = `${this.person(one).name} and ${this.person(other).name}`;
        for (const event of events.filter(({ fixed }) => !fixed)) {
          const [here, there] = [this.onDuty(one, event), this.onDuty(other, event)];
          if (apart && here.length > 0 && there.length > 0)
            this.programme.atMost(
              [...here, ...there],
              1,
              named(`${names} are not both at ${event.label}`, 'apart'),
            );
          if (together && here.length + there.length > 0)
            this.programme.exactly(
              [...here, ...there.map(([, on]) => [-1, on] as const)],
              0,
              named(`${names} come together`, 'together'),
            );
        }
      }
  }

  /** Whoever is learning does it beside somebody who can lead it. */
  learners(): void {
    for (const { event, job, person, on, learning } of this.choices) {
      if (!learning || event.fixed) continue;
      for (const skill of learningFor(this.person(person), job)) {
        const leaders = this.ids.filter(
          id => id !== person && levelOf(this.person(id), skill) === 'can lead',
        );
        this.programme.atMost(
          [[1, on], ...leaders.flatMap(id => this.onDuty(id, event).map(([, each]) => [-1, each] as const))],
          0,
          named(
            `${this.person(person).name} is learning ${skill}, beside somebody who can lead it`,
            'learner',
          ),
        );
      }
    }
  }

  /**
   * Whoever is under 18 has two adults beside them who are no family of theirs and of each other: at least two who are
   * none of theirs, and at least one beyond any family among those.
   */
  young(): void {
    const { events, care } = this.problem;
    for (const event of events.filter(({ fixed }) => !fixed)) {
      const adults = this.ids.filter(id => this.isAdult(id, event, care.vetted));
      for (const id of this.ids) {
        const own = this.onDuty(id, event);
        if (own.length === 0 || !this.at(id, event).young) continue;
        const others = adults.filter(adult => !isFamily(this.problem.people, id, adult));
        const words = named(
          `${this.person(id).name} is under 18: two ${care.vetted ? 'vetted ' : ''}adults beside them, of no family`,
          'safety',
        );
        this.beside(event, others, own, 2, words);
        for (const family of familiesAmong(this.problem.people, others)) {
          const strangers = others.filter(other => !family.includes(other));
          this.beside(event, strangers, own, 1, words);
        }
      }
    }
  }

  private isAdult(id: string, event: RosterEvent, vetted: boolean): boolean {
    if (this.onDuty(id, event).length === 0 || this.at(id, event).young) return false;
    return !vetted || isVettedOn(this.person(id), dayIn(event.zone, event.to));
  }

  private beside(event: RosterEvent, those: readonly string[], own: Sum, count: number, words: Rule): void {
    const sum = those.flatMap(id => this.onDuty(id, event));
    this.programme.atLeast([...sum, ...own.map(([, on]) => [-count, on] as const)], 0, words);
  }
}
