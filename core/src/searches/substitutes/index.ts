/** What can stand in for a device, each tried on the plan: what it cures, what it brings, and what it takes. */
import { createAssessor, type Assessment, type Assessor } from '../../assess.js';
import type { Bundle } from '../../documents/index.js';
import { applyFix } from '../../fixes.js';
import { PatchError, type DocumentPatch, type Severity } from '../../foundations/index.js';
import { differences, weigh, type WeightName } from '../../weighing/index.js';
import { OptionError, type Found, type Offer, type Search } from '../search.js';
import { candidatesFor, type Candidate } from './candidates.js';
import { replugged } from './replug.js';

export { candidatesFor, type Candidate } from './candidates.js';
export { replugged, type Replugged } from './replug.js';

/** A snag as it is told beside a substitute. */
export interface ToldSnag {
  readonly severity: Severity;
  readonly title: string;
}

export interface Substitute {
  readonly id: string;
  readonly kind: string;
  readonly label: string;
  /** The thing of the shelf that is taken, by its tape code; null where one must be bought. */
  readonly tape: string | null;
  /** What one costs, in the money of the house; null where nobody knows. */
  readonly price: number | null;
  readonly brings: readonly ToldSnag[];
  readonly cures: readonly ToldSnag[];
  readonly adapters: readonly string[];
  /** Leads for which it has no port. */
  readonly unplugged: readonly string[];
  /** What there is more or less of with it: weight, power, delay, people, money. */
  readonly differs: Readonly<Partial<Record<WeightName, number>>>;
}

export interface Substitutes {
  readonly device: string;
  readonly label: string;
  readonly substitutes: readonly Substitute[];
}

export interface SubstitutesOptions {
  readonly device: string;
  /** How many are tried at most. */
  readonly most?: number;
}

export interface SubstitutesTask {
  readonly bundle: Bundle;
  readonly device: string;
  readonly before: Assessment;
  readonly assess: Assessor;
  readonly candidates: readonly Candidate[];
}

/** So many are tried where nobody says otherwise. */
const MOST = 24;

export const substitutes: Search<SubstitutesOptions, SubstitutesTask, Substitutes> = {
  name: 'substitutes',
  about:
    'what can stand in for a device, each tried: snags it brings and cures, adapters, money, weight, power',
  *problemOf(bundle, { device, most = MOST }) {
    yield { stage: 'problem', share: 0 };
    if (!bundle.plan.devices?.[device]) throw new OptionError('/device', 'is no device of this event');
    const assess = createAssessor();
    const before = assess(bundle);
    const candidates = candidatesFor(bundle, device, before.rules).slice(0, most);
    return { bundle, device, before, assess, candidates };
  },
  *solve(task) {
    const tried: { readonly answer: Substitute; readonly offer: Offer }[] = [];
    for (const [i, candidate] of task.candidates.entries()) {
      yield { stage: 'solving', share: i / task.candidates.length, done: tried.length };
      const found = tryOut(task, candidate);
      if (found) tried.push(found);
    }
    const ranked = tried.toSorted((a, b) => compare(a.answer, b.answer));
    const label = task.bundle.plan.devices?.[task.device]?.label ?? '';
    return {
      answer: { device: task.device, label, substitutes: ranked.map(({ answer }) => answer) },
      objectives: [],
      offers: ranked.map(({ offer }) => offer),
    } satisfies Found<Substitutes>;
  },
};

/** What becomes of the plan with a candidate; undefined where that is no plan. */
export function tryOut(
  { bundle, device, before, assess }: Omit<SubstitutesTask, 'candidates'>,
  { kind, item, price }: Candidate,
): { readonly answer: Substitute; readonly offer: Offer } | undefined {
  const made = replugged(bundle, before, device, kind, item);
  const of = bundle.kinds.kinds[kind];
  if (!made || !of) return undefined;
  const after = assessed(bundle, made.changes, assess);
  if (!after) return undefined;
  const [was, is] = [before.snags, after.assessment.snags].map(
    snags => new Map(snags.map(snag => [snag.id, { severity: snag.severity, title: snag.title }])),
  );
  const only = (these = new Map<string, ToldSnag>(), those = new Map<string, ToldSnag>()): ToldSnag[] =>
    [...these].flatMap(([id, told]) => (those.has(id) ? [] : [told]));
  const tape = item === undefined ? null : (bundle.shelf.items[item]?.tape ?? null);
  const id = `${kind} ${tape ?? 'to buy'}`;
  return {
    answer: {
      ...{ id, kind, label: of.label, tape, price: price ?? null },
      ...{ brings: only(is, was), cures: only(was, is) },
      ...{ adapters: made.adapters, unplugged: made.unplugged },
      differs: differences(weigh(bundle, before), weigh(after.bundle, after.assessment)),
    },
    offer: { id, label: `Take ${tape ?? of.label} for it`, changes: made.changes },
  };
}

export function assessed(
  bundle: Bundle,
  changes: readonly DocumentPatch[],
  assess: Assessor,
): { readonly bundle: Bundle; readonly assessment: Assessment } | undefined {
  try {
    const changed = applyFix(bundle, { changes });
    return { bundle: changed, assessment: assess(changed) };
  } catch (error) {
    if (error instanceof PatchError) return undefined;
    throw error;
  }
}

const ofSeverity = (snags: readonly ToldSnag[], severity: Severity): number =>
  snags.filter(snag => snag.severity === severity).length;

/** Whether one is better: fewer stops than before, then fewer risks, then what it costs, then fewer notes. */
function compare(a: Substitute, b: Substitute): number {
  const more = ({ brings, cures }: Substitute, severity: Severity): number =>
    ofSeverity(brings, severity) - ofSeverity(cures, severity);
  return (
    more(a, 'stop') - more(b, 'stop') ||
    a.unplugged.length - b.unplugged.length ||
    more(a, 'risk') - more(b, 'risk') ||
    (a.price ?? Infinity) - (b.price ?? Infinity) ||
    more(a, 'note') - more(b, 'note')
  );
}
