/** The size and rate of what is sent: its share of the line, and the largest picture that is worth sending. */
import type { Output } from '../../documents/index.js';
import { constant, numberOf, taken, videoOf, type Figure } from '../../foundations/index.js';
import { USUAL_RATE, type Rung } from '../../foundations/rungs.js';
import * as figures from './figures.js';
import { AUDIO, bestRung, isWithin, LADDER, lineRateOf, OVERHEAD, PER_MEGABIT, type Most } from './ladder.js';
import { UNMEASURED, type LineOf } from './lines.js';
import type { StreamOutput } from './result.js';

/** Something else that is sent over the same line. */
export interface Beside {
  readonly label: string;
  readonly rung: Rung | undefined;
}

export interface Sized {
  readonly output: Output;
  readonly over: LineOf;
  /** The budget of the line of the house. */
  readonly house: Figure;
  readonly beside: readonly Beside[];
  /** Size and rate of what comes to its device, and the most lines it can be sent with. */
  readonly comes: Figure | undefined;
  readonly lines: Figure | undefined;
}

/** Size and rate of something that is sent, with what it takes of its line. */
export type SizedOutput = Pick<StreamOutput, 'share' | 'rung' | 'videoRate' | 'lineRate' | 'nextNeeds'> & {
  /** What it may take: its share, else the whole budget. */
  readonly may: Figure;
};

/** The least that a size takes of a line, Mb/s; nothing of one that is still free. */
const leastOf = (rung: Rung | undefined): number => {
  const low = LADDER.find(([each]) => each === rung)?.[1].low;
  return low === undefined ? 0 : lineRateOf(low);
};

/** Its part of a budget that others are to share: the least that its size takes, and as much of the rest as each. */
function shareOf(id: string, { output, beside }: Sized, budget: Figure): Figure | undefined {
  if (beside.length === 0 || numberOf(budget) === undefined) return undefined;
  const least = (name: string, rung: Rung | undefined, label: string) =>
    constant(
      name,
      leastOf(rung),
      'Mb/s',
      rung ? `least of ${rung} for ${label}` : `${label} takes what is left`,
    );
  return figures.streamShare.calc(
    [id],
    [
      least('least', output.rung, output.label),
      least('all', output.rung, output.label),
      ...beside.map(({ rung, label }) => least('all', rung, label)),
      constant('count', beside.length + 1, '', 'sent over this line'),
      taken('budget', budget),
    ],
  );
}

export function sizedOutput(id: string, sized: Sized): SizedOutput {
  const { output, over, house, comes, lines } = sized;
  const budget = over.unled ? figures.lineBudget.unknown([id], over.line.why ?? '') : (over.budget ?? house);
  const share = shareOf(id, sized, budget);
  const may = share ?? budget;
  const limit = numberOf(may);
  const most = mostOf(output, comes, lines);
  const chosen = output.rung ?? (limit === undefined ? undefined : bestRung(limit, most));
  const at = LADDER.findIndex(([each]) => each === chosen);
  const rates = LADDER[at]?.[1];
  if (chosen === undefined || limit === undefined || !rates)
    return { share, may, ...unmeasured(id, whyUnknown(over)) };
  const terms = [taken('budget', may)];
  const ladder = 'the ladder';
  const videoRate = figures.videoRate.calc(
    [id],
    [
      ...[constant('low', rates.low, 'kb/s', ladder), constant('high', rates.high, 'kb/s', ladder)],
      ...[...terms, PER_MEGABIT, OVERHEAD, AUDIO],
    ],
  );
  return {
    share,
    may,
    rung: figures.streamRung.found(
      [id],
      chosen,
      [...terms, ...(typeof lines?.value === 'number' ? [taken('lines', lines)] : [])],
      output.rung ? { method: 'chosen by hand' } : {},
    ),
    videoRate,
    lineRate: figures.lineRate.calc([id], [taken('video', videoRate), AUDIO, OVERHEAD, PER_MEGABIT]),
    nextNeeds: nextNeeds(id, LADDER.slice(0, at), most),
  };
}

/** Why nothing is known of a line that something is to go over. */
const whyUnknown = ({ unled, line, upload }: LineOf): string =>
  (unled ? line.why : upload?.why) ?? UNMEASURED;

/** What is worth sending of what comes; everything where that is not known. */
function mostOf({ kind }: Output, comes: Figure | undefined, lines: Figure | undefined): Most {
  const called = kind === 'call';
  const { over, under } = typeof comes?.value === 'string' ? videoOf(comes.value).frames : UNKNOWN_RATE;
  return {
    lines: Math.min(called ? CALL_LINES : Infinity, (lines && numberOf(lines)) ?? Infinity),
    fast: !called && over / under > USUAL_RATE,
  };
}

const UNKNOWN_RATE = { over: Infinity, under: 1 } as const;
/** Programs for calls send no larger picture, whatever comes to them. */
const CALL_LINES = 1080;

/** What the next larger size that is worth sending would need of the line. */
function nextNeeds(id: string, larger: typeof LADDER, most: Most): Figure {
  const next = larger.findLast(([rung]) => isWithin(rung, most));
  if (!next)
    return figures.nextNeeds.unknown(
      [id],
      larger.length === 0 ? 'this is the highest size' : 'no larger picture comes to what sends it',
    );
  const [name, { low }] = next;
  return figures.nextNeeds.calc(
    [id],
    [constant('low', low, 'kb/s', `lowest rate of ${name}`), AUDIO, OVERHEAD, PER_MEGABIT],
    { rule: `line rate that ${name} starts at, to be within the budget` },
  );
}

const unmeasured = (id: string, why: string): Omit<SizedOutput, 'share' | 'may'> => ({
  rung: figures.streamRung.unknown([id], why),
  videoRate: figures.videoRate.unknown([id], why),
  lineRate: figures.lineRate.unknown([id], why),
  nextNeeds: figures.nextNeeds.unknown([id], why),
});
