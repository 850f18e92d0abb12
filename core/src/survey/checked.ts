/** Checking a survey by itself: the stations run over a plan with nothing in it. */
import { createAssessorBy, type Assessor, type Book } from '../assessing.js';
import type { Plan, VenuePin } from '../documents/index.js';
import { resultOf, type Snag } from '../foundations/index.js';

/** A plan that is never kept, live at an instant: it asks nothing of the venue that no event has asked. */
export const surveyPlan = (venue: VenuePin, start: string, zone: string): Plan => ({
  version: 1,
  label: 'Survey',
  start,
  zone,
  venue,
});

const isOfSurvey = ({ station }: Snag): boolean => station === 'ground';

/** An assessor that tells only what a survey can answer for. */
export function createSurveyAssessor(book: () => Book): Assessor {
  const assess = createAssessorBy(book);
  let last: { readonly all: readonly Snag[]; readonly own: readonly Snag[] } = { all: [], own: [] };
  return bundle => {
    const assessment = assess(bundle);
    const own = (): readonly Snag[] => {
      const all = assessment.snags;
      if (all !== last.all) last = { all, own: all.filter(isOfSurvey) };
      return last.own;
    };
    return resultOf({
      brief: () => assessment.brief,
      ground: () => assessment.ground,
      shots: () => assessment.shots,
      signal: () => assessment.signal,
      stream: () => assessment.stream,
      runs: () => assessment.runs,
      power: () => assessment.power,
      racks: () => assessment.racks,
      pack: () => assessment.pack,
      hands: () => assessment.hands,
      day: () => assessment.day,
      snags: own,
      accepted: () => assessment.accepted,
      buckles: () => assessment.buckles,
      rules: () => assessment.rules,
    });
  };
}
