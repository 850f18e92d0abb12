/** Events with their assessments, kept while nothing that they were made from has changed. */
import { bundleOf, createAssessor, type Assessment, type Bundle } from '@idle-satchel/core';
import type { EventBundle } from '@idle-satchel/core/api';
import { faultsOf, type Fault } from '@idle-satchel/core/documents';
import { memoryOf, putLast } from '../../database/own-memory.js';
import type { Scope } from '../../database/scope.js';
import { notFound, Problem } from '../../problem.js';
import { CLASSES } from '../documents/service.js';
import { madeFrom } from './made-from.js';
import { writtenBundle } from './service.js';

export interface Assessed {
  readonly bundle: Bundle;
  readonly assessment: Assessment;
}

interface Kept extends Assessed {
  readonly of: string;
}

const keptIn = memoryOf(() => new Map<string, Kept>());
/** An assessment of a large plan takes much room. */
const MOST = 6;

/** An event and its assessment. 422 names the document that can no longer be read. */
export async function assessedEvent(scope: Scope, event: string): Promise<Assessed> {
  const of = (await madeFrom(scope))(event);
  if (of === undefined) throw notFound('event');
  const key = `${scope.organisationId} ${event}`;
  const kept = keptIn(scope);
  const known = kept.get(key);
  if (known?.of === of) return known;
  const bundle = await readBundle(scope, event);
  const made = { of, bundle, assessment: createAssessor()(bundle) };
  putLast(kept, key, made, MOST);
  return made;
}

const WORDS = {
  plan: 'This event',
  venue: 'Its venue',
  rules: 'The house rules',
  kinds: 'The kinds of gear',
};

/** The bundle of an event whose documents are what their classes say: what is made of it need not be afraid. */
export async function readBundle(scope: Scope, event: string): Promise<Bundle> {
  const read = JSON.parse(await writtenBundle(scope, event)) as EventBundle;
  for (const name of ['plan', 'venue', 'rules', 'kinds'] as const) {
    const [fault] = faultsOf(CLASSES[name], read.documents[name].body);
    if (fault) throw damaged(WORDS[name], fault);
  }
  return bundleOf(read);
}

/** 422 for a document that was changed by something else than this program. */
function damaged(what: string, { path, reason }: Fault): Problem {
  const where = path === '' ? '' : ` at ${path}`;
  return new Problem(422, `${what} is damaged`, `${reason}${where}`, { damaged: true });
}
