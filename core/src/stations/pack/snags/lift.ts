import { inWords, numberOf, severityOf, type Figure, type Finding } from '../../../foundations/index.js';
import { fix, inPlan } from '../../../edits.js';
import type { CaseResult } from '../lifting/lifts.js';
import { packRule } from '../result.js';

/** The lift of a case that is worst for one person. */
const worstOf = ({ lifts }: CaseResult): Figure =>
  Object.values(lifts)
    .map(({ index }) => index)
    .reduce((a, b) => ((numberOf(b) ?? Infinity) > (numberOf(a) ?? Infinity) ? b : a));

const HOW_MANY: Readonly<Record<number, string>> = { 2: 'two people', 3: 'three people' };

type Lifted = Pick<Finding, 'severity' | 'title' | 'because' | 'advice'>;

/** Of a case that one person is to lift. */
function alone(each: CaseResult, named: string): Lifted | undefined {
  const worst = worstOf(each);
  const severity = severityOf(worst);
  return (
    severity && {
      severity,
      title: `${named} is ${(numberOf(worst) ?? 0).toFixed(1)} times what one person should lift.`,
      because: [worst, each.weight],
      advice: 'Two names on this case, or wheels; keep it close, mind the step.',
    }
  );
}

/** Of a case that so many are to lift together. */
const together = ({ left, weight }: CaseResult, named: string, people: number): Lifted | undefined =>
  left && severityOf(left)
    ? {
        severity: 'risk',
        title: `${named} is more than ${people} people should lift.`,
        because: [left, weight],
        advice: 'A third person, wheels, or split it.',
      }
    : undefined;

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
  reads: ({ own, devices, units }) => ({ cases: own.cases, devices, units }),
  *find({ cases, devices, units }) {
    for (const [id, each] of Object.entries(cases)) {
      // Nobody lifts an empty case to speak of.
      if (numberOf(each.pieces) === 0) continue;
      const by = devices?.[id]?.lifters;
      const atLeast = numberOf(each.unweighed) === 0 ? '' : 'at least ';
      const named = `${each.label} (${atLeast}${inWords(numberOf(each.weight) ?? 0, 'kg', units)})`;
      const found =
        by === undefined ? unsaid(each, named) : by === 1 ? alone(each, named) : together(each, named, by);
      if (found) yield { ...found, subjects: [id] };
    }
  },
  *fixes({ subjects: [id = ''] }, { own, devices }) {
    const by = devices?.[id]?.lifters ?? 1;
    const fewest = numberOf(own.cases[id]?.people) ?? 2;
    for (let people = Math.max(by + 1, fewest); people <= 3; people++)
      yield fix(
        `${people === 2 ? 'Two' : 'Three'} people lift it`,
        inPlan().put('devices', id, 'lifters', people),
      );
  },
});
