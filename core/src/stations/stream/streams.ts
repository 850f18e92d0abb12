/** What the line carries, and what each stream takes of it. */
import type { Output, Rules, Venue } from '../../documents/index.js';
import { constant, given, inOrder, numberOf, taken, type Figure } from '../../foundations/index.js';
import * as figures from './figures.js';
import { AUDIO, bestRung, LADDER, OVERHEAD, PER_MEGABIT } from './ladder.js';
import type { StreamOutput } from './result.js';

const UNMEASURED = 'no upload was measured here';
/** So much is lost where a rate chosen to fill the budget is figured back, Mb/s. */
const ROUNDING = 0.000001;

export function worstOf({ uploads }: Pick<Venue, 'uploads'>): Figure {
  const tests = inOrder(uploads).map(([id, test]) =>
    given('test', test.up, 'Mb/s', 'venue', `/uploads/${id}/up`),
  );
  return tests.length === 0
    ? figures.worstUpload.unknown([], UNMEASURED)
    : figures.worstUpload.calc([], tests);
}

export const budgetOf = ({
  worst,
  school,
}: {
  readonly worst: Figure;
  readonly school: Rules['uploadHeadroom'];
}): Figure =>
  figures.budget.calc([], [given('school', school, '', 'rules', '/uploadHeadroom'), taken('worst', worst)]);

export interface OnLine {
  readonly output: Output;
  readonly budget: Figure;
  readonly live: Figure;
}

export function streamOutput(id: string, { output, budget, live }: OnLine): StreamOutput {
  const limit = numberOf(budget);
  const chosen = output.rung ?? (limit === undefined ? undefined : bestRung(limit));
  const at = LADDER.findIndex(([each]) => each === chosen);
  const rates = LADDER[at]?.[1];
  if (chosen === undefined || limit === undefined || !rates) return unmeasured(id);
  const budgetTerm = taken('budget', budget);
  const ladder = 'the ladder';
  const videoRate = figures.videoRate.calc(
    [id],
    [
      ...[constant('low', rates.low, 'kb/s', ladder), constant('high', rates.high, 'kb/s', ladder)],
      ...[budgetTerm, PER_MEGABIT, OVERHEAD, AUDIO],
    ],
  );
  const lineRate = figures.lineRate.calc([id], [taken('video', videoRate), AUDIO, OVERHEAD, PER_MEGABIT]);
  const line = taken('line', lineRate);
  const rounding = constant('rounding', ROUNDING, 'Mb/s', 'what figuring back loses');
  return {
    rung: figures.streamRung.found(
      [id],
      chosen,
      [budgetTerm],
      output.rung ? { method: 'chosen by hand' } : {},
    ),
    videoRate,
    lineRate,
    fits: figures.streamFits.calc([id], [line, budgetTerm, rounding]),
    data: figures.streamData.calc([id], [line, taken('live', live)]),
    nextNeeds: nextNeeds(id, LADDER[at - 1]),
  };
}

function nextNeeds(id: string, next: (typeof LADDER)[number] | undefined): Figure {
  if (!next) return figures.nextNeeds.unknown([id], 'this is the highest size');
  const [name, { low }] = next;
  return figures.nextNeeds.calc(
    [id],
    [constant('low', low, 'kb/s', `lowest rate of ${name}`), AUDIO, OVERHEAD, PER_MEGABIT],
    { rule: `line rate that ${name} starts at, to be within the budget` },
  );
}

const unmeasured = (id: string): StreamOutput => ({
  rung: figures.streamRung.unknown([id], UNMEASURED),
  videoRate: figures.videoRate.unknown([id], UNMEASURED),
  lineRate: figures.lineRate.unknown([id], UNMEASURED),
  fits: figures.streamFits.unknown([id], UNMEASURED),
  data: figures.streamData.unknown([id], UNMEASURED),
  nextNeeds: figures.nextNeeds.unknown([id], UNMEASURED),
});
