import { inWords, numberOf, severityOf, type Figure, type Finding } from '../../../foundations/index.js';
import type { CaseResult } from '../lifting/lifts.js';
import { packRule } from '../result.js';
import { liftFixes } from './lift-fixes.js';

/** The lift of a case that is worst for one person. */
export const worstOf = ({ lifts }: Pick<CaseResult, 'lifts'>): Figure =>
  Object.values(lifts)
    .map(({ index }) => index)
    .reduce((a, b) => ((numberOf(b) ?? Infinity) > (numberOf(a) ?? Infinity) ? b : a));

/** How many people, in words. */
export const HOW_MANY: Readonly<Record<number, string>> = { 2: 'two people', 3: 'three people' };

type Lifted = Pick<Finding, 'severity' | 'title' | 'because' | 'advice'>;

/** Of a case that one person is to lift. */
function alone(each: CaseResult, named: string): Lifted | undefined {
  const worst = worstOf(each);
  const severity = severityOf(worst);
  const [one] = Object.values(each.lifters);
  return (
    severity && {
      severity,
      title: `${named} is ${(numberOf(worst) ?? 0).toFixed(1)} times what ${one?.name ?? 'one person'} should lift.`,
      because: [worst, each.weight],
      advice: 'Two names on this case, or wheels; keep it close, mind the step.',
    }
  );
}

/** Of a case that so many are to lift together. */
const together = ({ left, weight, by = 0, lifters }: CaseResult, named: string): Lifted | undefined =>
  left && severityOf(left)
    ? {
        severity: 'risk',
        title: `${named} is more than ${whoOf(by, lifters)} should lift.`,
        because: [left, weight],
        advice: 'A third person, wheels, or split it.',
      }
    : undefined;

/** Those who lift it, by name where all of them are named. */
export function whoOf(by: number, lifters: CaseResult['lifters']): string {
  const names = Object.values(lifters).map(({ name }) => name);
  if (names.length < by) return by === 1 ? 'one person' : `${by} people`;
  return names.length < 2 ? (names[0] ?? 'nobody') : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`;
}

/** Of a case of which somebody has said that nobody lifts it. */
const rolling = ({ wheels, weight }: CaseResult, named: string): Lifted | undefined =>
  wheels
    ? undefined
    : {
        severity: 'risk',
        title: `Nobody lifts ${named}, and it has no wheels.`,
        because: [weight],
        advice: 'Say who lifts it, or put it on wheels.',
      };

/** Of a case of which nobody has said who lifts it: how many it takes. */
function unsaid(each: CaseResult, named: string): Lifted | undefined {
  const { people, weight } = each;
  const fewest = numberOf(people);
  const because = [people, weight];
  if (fewest === 1 || (fewest === undefined && numberOf(worstOf(each)) === undefined)) return undefined;
  if (fewest !== undefined)
    return {
      severity: 'note',
      title: `${named} needs ${HOW_MANY[fewest] ?? ''} to lift.`,
      because,
      advice: 'Names on this case; keep it close, mind the step; on stairs only 70 %.',
    };
  const wheels = each.wheels ? ' It goes on its wheels; a step or a boot needs a ramp.' : '';
  return {
    severity: each.wheels ? 'note' : 'risk',
    title: `${named} is more than three people should lift.${wheels}`,
    because,
    advice: 'Split it, or let it go on wheels and over a ramp, never up a step.',
  };
}

/** A case that one person should not lift, or more than those who are to lift it may. */
export const lift = packRule({
  rule: 'pack.lift',
  reads: ({ own, units }) => ({ cases: own.cases, units }),
  *find({ cases, units }) {
    for (const [id, each] of Object.entries(cases)) {
      // Nobody lifts an empty case to speak of.
      if (numberOf(each.pieces) === 0) continue;
      const { by } = each;
      const named = caseInWords(each, units);
      const found =
        by === undefined
          ? unsaid(each, named)
          : by === 0
            ? rolling(each, named)
            : by === 1
              ? alone(each, named)
              : together(each, named);
      if (found) yield { ...found, subjects: [id] };
    }
  },
  fixes: liftFixes,
});

/** A case and what it weighs, in words. */
export function caseInWords(
  { label, weight, unweighed }: CaseResult,
  units: Parameters<typeof inWords>[2],
): string {
  const atLeast = numberOf(unweighed) === 0 ? '' : 'at least ';
  return `${label} (${atLeast}${inWords(numberOf(weight) ?? 0, 'kg', units)})`;
}
