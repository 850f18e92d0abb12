import { inWords, numberOf, severityOf } from '../../../foundations/index.js';
import { fix, inPlan } from '../../../edits.js';
import { MOST_ALONE, NOBODY, unnamed } from '../lifting/lifters.js';
import { MOST_PEOPLE, ON_STAIRS, teamLimit } from '../lifting/teams.js';
import { packRule } from '../result.js';
import { caseInWords, HOW_MANY, whoOf } from './lift.js';

/** What three people whom nobody named carry up stairs, kg. */
const MOST_UNNAMED = teamLimit(unnamed(MOST_PEOPLE)) * ON_STAIRS;

/** What three who each lift as much as anybody may carry up stairs, kg. */
const MOST_NAMED = MOST_UNNAMED * (MOST_ALONE / NOBODY.limit);

/** A case that goes up or down steps on the way in, and fewer carry it than should. */
export const stairs = packRule({
  rule: 'pack.stairs',
  reads: ({ own, way, units }) => ({ cases: own.cases, steps: way?.steps ?? 0, units }),
  *find({ cases, steps, units }) {
    const on = steps === 1 ? 'on the step of the way in' : `on the ${steps} steps of the way in`;
    for (const [id, { stairsPeople, stairsLeft, ...each }] of Object.entries(cases)) {
      if (!stairsPeople || numberOf(each.pieces) === 0) continue;
      const named = caseInWords(each, units);
      const fewest = numberOf(stairsPeople);
      const base = { subjects: [id], because: [stairsPeople, each.weight] };
      if (each.by === 0 && each.wheels)
        yield {
          ...base,
          severity: 'risk',
          title: `${named} goes on its wheels, and nobody carries it ${on}.`,
          advice: 'A ramp, another way in, or people to carry it.',
        };
      else if (each.by === undefined && fewest !== 1)
        yield {
          ...base,
          severity: 'note',
          title:
            fewest !== undefined
              ? `${named} needs ${HOW_MANY[fewest] ?? ''} ${on}.`
              : (numberOf(each.weight) ?? 0) > MOST_NAMED
                ? `${named} is more than three people should carry ${on}.`
                : `Nobody is named for ${named} ${on}.`,
          advice: `Names on this case, a ramp, or another way in. On stairs people carry 70 % of what they lift; three of whom nothing is known carry ${inWords(MOST_UNNAMED, 'kg', units)}.`,
        };
      else if (stairsLeft && severityOf(stairsLeft))
        yield {
          ...base,
          severity: 'risk',
          because: [stairsLeft, each.weight],
          title: `${named} is more than ${whoOf(each.by ?? 1, each.lifters)} should carry ${on}.`,
          advice: 'More people, a ramp, or another way in; nobody below it on the steps.',
        };
    }
  },
  *fixes({ subjects: [id = ''] }, { own }) {
    for (let people = (own.cases[id]?.by ?? 0) + 1; people <= MOST_PEOPLE; people++)
      if (people >= (numberOf(own.cases[id]?.stairsPeople) ?? MOST_PEOPLE))
        yield fix(
          people === 1 ? 'One person carries it' : `${people === 2 ? 'Two' : 'Three'} people carry it`,
          inPlan().put('devices', id, 'lifters', people),
          'people',
        );
  },
});
