/** What the line carries, and what each stream takes of it. */
import type { Output, Rules, Venue } from '../../documents/index.js';
import { constant, given, inOrder, numberOf, taken, type Figure } from '../../foundations/index.js';
import * as figures from './figures.js';
import { AUDIO, bestRung, LADDER, OVERHEAD, PER_MEGABIT } from './ladder.js';
import type { Line } from './line.js';
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
  /** The budget of the line of the house. */
  readonly house: Figure;
  readonly school: Rules['uploadHeadroom'];
  readonly live: Figure;
  readonly line: Line | undefined;
  /** What its modem is called, and what it was seen to carry, where it goes over the mobile network. */
  readonly modem: string | undefined;
  readonly upload: Figure | undefined;
}

/** What is known of the line of a stream; one that nobody has led to a line is taken to go over that of the house. */
function onLine(
  id: string,
  { line, modem, upload, school }: OnLine,
): Pick<StreamOutput, 'line' | 'upload' | 'budget'> {
  if (!upload)
    return {
      line: line
        ? figures.streamLine.found([id], 'the line of the house')
        : figures.streamLine.unknown([id], 'no lead or air leads from it to a line'),
      upload: undefined,
      budget: undefined,
    };
  const budget = figures.lineBudget.calc(
    [id],
    [given('school', school, '', 'rules', '/uploadHeadroom'), taken('worst', upload)],
  );
  return { line: figures.streamLine.found([id], `the mobile network by ${modem ?? ''}`), upload, budget };
}

export function streamOutput(id: string, on: OnLine): StreamOutput {
  const { output, live } = on;
  const over = onLine(id, on);
  const budget = over.budget ?? on.house;
  const limit = numberOf(budget);
  const chosen = output.rung ?? (limit === undefined ? undefined : bestRung(limit));
  const at = LADDER.findIndex(([each]) => each === chosen);
  const rates = LADDER[at]?.[1];
  if (chosen === undefined || limit === undefined || !rates)
    return { ...over, ...unmeasured(id, over.upload?.why ?? UNMEASURED) };
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
    ...over,
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

const unmeasured = (id: string, why: string): Omit<StreamOutput, 'line' | 'upload' | 'budget'> => ({
  rung: figures.streamRung.unknown([id], why),
  videoRate: figures.videoRate.unknown([id], why),
  lineRate: figures.lineRate.unknown([id], why),
  fits: figures.streamFits.unknown([id], why),
  data: figures.streamData.unknown([id], why),
  nextNeeds: figures.nextNeeds.unknown([id], why),
});
