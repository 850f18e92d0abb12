/** Labels for both ends of every lead, and which of them have changed since they were printed. */
import type { Carries, Plan } from '../documents/index.js';
import { inOrder, showText, type Operation } from '../foundations/index.js';
import type { Assessment } from '../assess.js';
import { readingOf } from '../review.js';
import { inPlan } from '../edits.js';

export interface LeadLabel {
  readonly link: string;
  readonly number: string;
  /** Where this end is plugged in, and where the other one. */
  readonly here: string;
  readonly there: string;
  /** Its own tape code, length and make. */
  readonly cable: string;
  readonly carries: Carries;
}

/** Two labels for each lead that wants them: those across the floor first, each pair side by side. */
export function leadLabels(plan: Plan, { runs, signal, rules }: Assessment): LeadLabel[] {
  const reading = readingOf(plan, rules);
  const all = Object.entries(runs.runs);
  return [...all.filter(([, run]) => run.crosses), ...all.filter(([, run]) => !run.crosses)].flatMap(
    ([link, run]) => {
      const ends = plan.links?.[link];
      const port = ends && (signal.wiring.portOf(ends.to) ?? signal.wiring.portOf(ends.from));
      const length = run.cableLength.value === null ? run.length : run.cableLength;
      const own = {
        link,
        number: run.number,
        carries: port?.carries ?? ('video' as const),
        cable: [
          typeof run.cable.value === 'string' ? run.cable.value : 'wanted',
          showText(length.value, 'm', reading),
          run.makeWords,
        ].join(' · '),
      };
      return [
        { ...own, here: run.from, there: run.to },
        { ...own, here: run.to, there: run.from },
      ];
    },
  );
}

const wordsOf = ({ number, here, there, cable }: LeadLabel): string =>
  [number, here, there, cable].join(' | ').slice(0, 300);

/** The first label of each lead: what changes at one end changes the other with it. */
function firstOfEach(labels: readonly LeadLabel[]): ReadonlyMap<string, LeadLabel> {
  const first = new Map<string, LeadLabel>();
  for (const label of labels) if (!first.has(label.link)) first.set(label.link, label);
  return first;
}

/** The labels of those leads whose words are others than when they were printed, or that never were. */
export function changedLabels(labels: readonly LeadLabel[], { printed }: Plan): LeadLabel[] {
  const first = firstOfEach(labels);
  return labels.filter(({ link }) => {
    const label = first.get(link);
    return label && printed?.[link]?.words !== wordsOf(label);
  });
}

/** The edit that notes labels as printed; what is gone from the plan is forgotten. */
export function printedPatch(labels: readonly LeadLabel[], plan: Plan, at: string): Operation[] {
  const kept = inOrder(plan.printed).filter(([link]) => plan.links?.[link]);
  const value = Object.fromEntries([
    ...kept,
    ...[...firstOfEach(labels)].map(
      ([link, label]) => [link, { number: label.number, words: wordsOf(label), at }] as const,
    ),
  ]);
  return inPlan().put('printed', value).patch;
}
