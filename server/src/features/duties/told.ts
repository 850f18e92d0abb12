/** What somebody is told by their own link: what they do at events to come, and what they could take over. */
import { dayIn, daysAfter } from '@idle-satchel/core';
import type { DutyLine, MyDuties, OpenDuty } from '@idle-satchel/core/api';
import type { Rules } from '@idle-satchel/core/documents';
import { dutyOf } from '@idle-satchel/core/duties';
import { cellsOf, factsOf, keyOfJob, NO_DRAFT, offeredTo, withPerson } from '@idle-satchel/core/roster-sheet';
import { isYoungOn } from '@idle-satchel/core/person-forms';
import { dutiesOf } from '../../database/duty-rows.js';
import type { Scope } from '../../database/scope.js';
import { Problem } from '../../problem.js';
import { assessedEvent } from '../events/assessed.js';
import { only } from '../events/service.js';
import { rosterSpan } from '../roster/service.js';

/** An event that began so long ago is over for whoever served at it, ms. */
const OVER_MS = 12 * 60 * 60_000;

export const notOver = (now = Date.now()): string => new Date(now - OVER_MS).toISOString();

/** Duties and offers of a person of the house, when they come, and how the house writes dates. */
export type Told = Pick<MyDuties, 'duties' | 'open' | 'presence' | 'dates'>;

/** Works out all of it; events that can no longer be read are left out. */
export async function toldTo(scope: Scope, person: string): Promise<Told> {
  const duties: DutyLine[] = [];
  for (const event of await dutiesOf(scope).eventsOf(person, notOver())) {
    const duty = await readable(async () => {
      const { bundle, assessment } = await assessedEvent(scope, event);
      return dutyOf(person, bundle, assessment);
    });
    if (duty) duties.push({ event, duty });
  }
  const own = (await scope.people()).find(({ id }) => id === person);
  const { presence } = own?.body ?? {};
  const { dates } = (await only(scope, 'rules')).body as Rules;
  return {
    ...{ duties, open: await openTo(scope, person) },
    ...(presence && { presence }),
    ...(dates && { dates }),
  };
}

/** Roles that others would hand over, which somebody could do with nothing against it; nobody under 18 is asked. */
export async function openTo(scope: Scope, person: string): Promise<OpenDuty[]> {
  const swaps = (await dutiesOf(scope).swaps(notOver())).filter(each => each.person !== person);
  if (swaps.length === 0) return [];
  const people = (await scope.people()).map(({ id, body }) => ({ id, ...body }));
  const own = people.find(({ id }) => id === person);
  const open: OpenDuty[] = [];
  for (const { event, role } of swaps) {
    const duty = await readable(async () => {
      const { bundle, assessment } = await assessedEvent(scope, event);
      const day = dayIn(bundle.plan.zone, bundle.plan.start);
      if (!own || own.erased || isYoungOn(own, day)) return undefined;
      const span = await rosterSpan(scope, { from: daysAfter(day, -1), to: daysAfter(day, 1) });
      const facts = factsOf(span, people, new Date().toISOString());
      const line = facts.lines.find(({ id }) => id === event);
      const job = line && offeredTo(person, line, facts, NO_DRAFT).find(({ roles }) => roles.includes(role));
      if (!job) return undefined;
      const draft = withPerson(NO_DRAFT, event, job, person);
      const cell = cellsOf(person, facts, draft)[facts.lines.indexOf(line)];
      const key = keyOfJob(event, job.roles);
      // Whoever is there already, or learns it, takes nothing over.
      const alone = cell?.jobs.length === 1 && cell.jobs[0]?.key === key && !cell.jobs[0].learning;
      if (!alone || cell.against.length > 0) return undefined;
      const theirs = job.person === undefined ? undefined : dutyOf(job.person, bundle, assessment);
      if (!theirs) return undefined;
      const { answer: _answer, ...told } = theirs;
      const handed = new Set(swaps.flatMap(each => (each.event === event ? [each.role] : [])));
      return { ...told, roles: theirs.roles.filter(({ key: each }) => handed.has(each)) };
    });
    if (duty && !open.some(each => each.event === event && each.role === role))
      open.push({ event, role, duty });
  }
  return open;
}

/** What is made of an event; undefined where it can no longer be read. */
async function readable<T>(make: () => Promise<T | undefined>): Promise<T | undefined> {
  try {
    return await make();
  } catch (error) {
    if (error instanceof Problem) return undefined;
    throw error;
  }
}
