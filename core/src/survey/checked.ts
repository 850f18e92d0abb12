/** Checking a survey by itself: the stations run over a plan with nothing in it but a stream that is wanted. */
import { createAssessorBy, type Assessor, type RuleBook } from '../assessing.js';
import type { Plan, VenuePin } from '../documents/index.js';
import { resultOf, type Snag } from '../foundations/index.js';

/** A plan that is never kept, live at an instant: it asks of the venue what any stream from there would ask. */
export const surveyPlan = (venue: VenuePin, start: string, zone: string): Plan => ({
  version: 1,
  label: 'Survey',
  start,
  zone,
  venue,
  outputs: { outsurvey: { order: '001h', label: 'A stream', kind: 'stream' } },
});

const isOfSurvey = ({ station, rule }: Snag): boolean =>
  station === 'ground' || rule.startsWith('stream.upload-');

/** An assessor that tells only what a survey can answer for. */
export function createSurveyAssessor(rules: () => RuleBook): Assessor {
  const assess = createAssessorBy(rules);
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
