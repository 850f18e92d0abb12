/** What the line carries, and what each stream takes of it. */
import type { Output, Rules, Venue } from '../../documents/index.js';
import { constant, given, inOrder, taken, type Figure, type MapOf } from '../../foundations/index.js';
import { isSent } from '../signal/functions.js';
import * as figures from './figures.js';
import { onHouseLine, UNMEASURED, type LineOf } from './lines.js';
import type { StreamOutput, StreamResult } from './result.js';
import type { Beside, SizedOutput } from './sizes.js';

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

/** Everything that leaves over a line, in the order of the plan. */
export const sentOf = ({
  outputs,
}: {
  readonly outputs: MapOf<Output> | undefined;
}): readonly (readonly [id: string, output: Output])[] => inOrder(outputs).filter(([, each]) => isSent(each));

/** For what is sent, what else goes over its line, as far as that bears on its size. */
export const rivalsOf = ({
  sent,
  beside,
}: {
  readonly sent: ReturnType<typeof sentOf>;
  readonly beside: Readonly<Record<string, readonly string[]>>;
}): Readonly<Record<string, readonly Beside[]>> => {
  const known = new Map(sent);
  return Object.fromEntries(
    Object.entries(beside).map(([id, others]) => [
      id,
      others.map(other => ({ label: known.get(other)?.label ?? other, rung: known.get(other)?.rung })),
    ]),
  );
};

/** For what is sent, what everything else on its line takes of it. */
export const ratesBeside = ({
  sized,
  beside,
}: {
  readonly sized: Readonly<Record<string, SizedOutput>>;
  readonly beside: Readonly<Record<string, readonly string[]>>;
}): Readonly<Record<string, readonly Figure[]>> =>
  Object.fromEntries(
    Object.entries(beside).map(([id, others]) => [
      id,
      others.flatMap(other => {
        const rate = sized[other]?.lineRate;
        return typeof rate?.value !== 'number' ? [] : [rate];
      }),
    ]),
  );

export interface WithOthers {
  readonly over: LineOf;
  readonly house: Figure;
  readonly own: SizedOutput;
  /** What everything else takes that goes over the same line. */
  readonly others: readonly Figure[];
  readonly live: Figure;
}

/** How something that is sent gets on with everything else on its line. */
export function streamOutput(id: string, { over, house, own, others, live }: WithOthers): StreamOutput {
  const { line, upload, budget, unled } = over;
  const { may: _may, ...sized } = own;
  const beside =
    others.length === 0
      ? undefined
      : figures.streamOthers.calc(
          [id],
          others.map(other => taken('other', other)),
        );
  const whole = { line, upload, budget, unled, ...sized, others: beside };
  if (own.lineRate.value === null) {
    const why = own.lineRate.why ?? UNMEASURED;
    return {
      ...whole,
      fits: figures.streamFits.unknown([id], why),
      data: figures.streamData.unknown([id], why),
    };
  }
  const taking = taken('line', own.lineRate);
  return {
    ...whole,
    fits: figures.streamFits.calc(
      [id],
      [
        taking,
        beside ? taken('others', beside) : constant('others', 0, 'Mb/s', 'nothing else goes over it'),
        taken('budget', budget ?? house),
        constant('rounding', ROUNDING, 'Mb/s', 'what figuring back loses'),
      ],
    ),
    data: figures.streamData.calc([id], [taking, taken('live', live)]),
  };
}

/** What goes over the line of the house takes of it together, Mb/s. */
export function houseTakenBy({ streams }: Pick<StreamResult, 'streams'>): Figure {
  const rates = onHouseLine(streams).flatMap(id => {
    const rate = streams[id]?.lineRate;
    return typeof rate?.value !== 'number' ? [] : [taken('line', rate)];
  });
  return rates.length === 0
    ? figures.houseTaken.found([], 0, [], { method: 'nothing goes over it' })
    : figures.houseTaken.calc([], rates);
}
