/** Stream: upload, bit rate, data, and disk for recordings. */
import type { Kinds, Output, Rules, Rung, Venue } from '../../documents/index.js';
import {
  calc,
  constant,
  given,
  inOrder,
  numberOf,
  taken,
  unknown,
  type Figure,
  type MapOf,
  type Memo,
} from '../../foundations/index.js';
import type { BriefResult } from '../brief/index.js';
import type { SignalResult } from '../signal/index.js';
import type { Station } from '../station.js';
import { diskShort } from './snags/disk-short.js';
import { rungTooHigh } from './snags/rung-too-high.js';
import { uploadOld } from './snags/upload-old.js';
import { uploadUnmeasured } from './snags/upload-unmeasured.js';

export interface StreamReads {
  readonly outputs: MapOf<Output> | undefined;
  readonly venue: Venue;
  readonly rules: Rules;
  readonly kinds: Kinds;
  readonly brief: BriefResult;
  readonly signal: SignalResult;
}

export interface StreamOutput {
  /** Size and rate: the chosen one, or the best that fits the budget. */
  readonly rung: Figure;
  readonly videoRate: Figure;
  readonly lineRate: Figure;
  /** Share of the line that is used, %. */
  readonly fits: Figure;
  readonly data: Figure;
  /** Upload that the next size up would need. */
  readonly nextNeeds: Figure;
}

export interface RecordingOutput {
  readonly perHour: Figure;
  readonly needed: Figure;
  readonly room: Figure;
  readonly fits: Figure;
}

export interface StreamResult {
  readonly worstUpload: Figure;
  readonly budget: Figure;
  readonly streams: Readonly<Record<string, StreamOutput>>;
  readonly recordings: Readonly<Record<string, RecordingOutput>>;
}

interface RungRates {
  readonly low: number;
  readonly high: number;
}

/** H.264 video rates of each rung, kb/s, best first. */
export const LADDER: readonly (readonly [Rung, RungRates])[] = [
  ['2160p30', { low: 15000, high: 25000 }],
  ['1440p30', { low: 8000, high: 12000 }],
  ['1080p60', { low: 6000, high: 9000 }],
  ['1080p30', { low: 4000, high: 6000 }],
  ['720p60', { low: 3500, high: 5000 }],
  ['720p30', { low: 2500, high: 4000 }],
  ['540p', { low: 1500, high: 1500 }],
  ['360p', { low: 800, high: 800 }],
  ['160p', { low: 300, high: 300 }],
];

const AUDIO = constant('audio', 160, 'kb/s', 'stereo sound, 128–192 kb/s');
const OVERHEAD = constant('overhead', 1.08, '×', 'protocol overhead');
/** Bits per second from kb/s to Mb/s. */
const PER_MEGABIT = constant('k', 1000, '', 'kb in a Mb');

function compute(reads: StreamReads, memo: Memo): StreamResult {
  const { outputs, venue, rules, kinds, brief, signal } = reads;
  const { uploads } = venue;
  return memo.once(
    'result',
    [outputs, uploads, rules, kinds, brief.phases.live, signal.wiring],
    (): StreamResult => {
      const tests = inOrder(uploads).map(([id, test]) =>
        given('test', test.up, 'Mb/s', 'venue', `/uploads/${id}/up`),
      );
      const worst =
        tests.length === 0
          ? unknown('Mb/s', 'no upload was measured here')
          : calc('Mb/s', 'min(test)', tests);
      const budget = calc(
        'Mb/s',
        "(school = 'half' ? 0.5 : 0.75) * worst",
        [
          given('school', rules.uploadHeadroom, '', 'rules', '/uploadHeadroom'),
          taken('worst', worst, 'stream.worstUpload'),
        ],
        { rule: 'upload headroom', source: 'the worst of the logged tests, not the best' },
      );
      const of = <T>(kind: Output['kind'], make: (id: string, output: Output) => T): Record<string, T> =>
        Object.fromEntries(
          inOrder(outputs)
            .filter(([, output]) => output.kind === kind)
            .map(([id, output]) => [id, make(id, output)]),
        );
      return {
        worstUpload: worst,
        budget,
        streams: of('stream', (id, output) => streamOutput(id, output, budget, brief)),
        recordings: of('recording', (id, output) => recordingOutput(id, output, reads)),
      };
    },
  );
}

const lineRateOf = (video: number): number =>
  ((video + Number(AUDIO.value)) * Number(OVERHEAD.value)) / Number(PER_MEGABIT.value);

/** The best rung whose lowest rate fits the budget. */
const bestRung = (budget: number): Rung =>
  LADDER.find(([, { low }]) => lineRateOf(low) <= budget)?.[0] ?? '160p';

function streamOutput(id: string, output: Output, budget: Figure, brief: BriefResult): StreamOutput {
  const path = `stream.streams.${id}`;
  const limit = numberOf(budget);
  const chosen = output.rung ?? (limit === undefined ? undefined : bestRung(limit));
  if (chosen === undefined || limit === undefined) {
    const blank = (unit: Figure['unit']): Figure => unknown(unit, 'no upload was measured here');
    return {
      rung: blank(''),
      videoRate: blank('kb/s'),
      lineRate: blank('Mb/s'),
      fits: blank(''),
      data: blank('GB'),
      nextNeeds: blank('Mb/s'),
    };
  }
  const rates = LADDER.find(([rung]) => rung === chosen)?.[1] ?? { low: 0, high: 0 };
  const ladder = 'ladder of H.264 rates';
  const budgetTerm = taken('budget', budget, 'stream.budget');
  const rung: Figure = {
    value: chosen,
    unit: '',
    working: {
      method: output.rung ? 'chosen by hand' : 'best size whose lowest rate fits the budget',
      terms: [budgetTerm],
      source: ladder,
    },
  };
  const videoRate = calc(
    'kb/s',
    'max(low, min(high, budget * k / overhead - audio))',
    [
      constant('low', rates.low, 'kb/s', ladder),
      constant('high', rates.high, 'kb/s', ladder),
      budgetTerm,
      PER_MEGABIT,
      OVERHEAD,
      AUDIO,
    ],
    { source: ladder },
  );
  const lineRate = calc('Mb/s', '(video + audio) * overhead / k', [
    taken('video', videoRate, `${path}.videoRate`),
    AUDIO,
    OVERHEAD,
    PER_MEGABIT,
  ]);
  const next = LADDER[LADDER.findIndex(([each]) => each === chosen) - 1];
  return {
    rung,
    videoRate,
    lineRate,
    fits: calc('', 'line <= budget + 0.000001', [taken('line', lineRate, `${path}.lineRate`), budgetTerm]),
    data: calc(
      'GB',
      'line * 3600 * live / 60 / 8000',
      [taken('line', lineRate, `${path}.lineRate`), taken('live', brief.phases.live, 'brief.phases.live')],
      { source: 'GB = 10⁹ bytes; live minutes only' },
    ),
    nextNeeds: next
      ? calc(
          'Mb/s',
          '(low + audio) * overhead / k',
          [constant('low', next[1].low, 'kb/s', `lowest rate of ${next[0]}`), AUDIO, OVERHEAD, PER_MEGABIT],
          { rule: `line rate that ${next[0]} starts at, to be within the budget` },
        )
      : unknown('Mb/s', 'this is the highest size'),
  };
}

function recordingOutput(id: string, output: Output, { kinds, signal, brief }: StreamReads): RecordingOutput {
  const path = `stream.recordings.${id}`;
  const kindId = signal.wiring.devices[output.device ?? '']?.kind;
  const recording = kindId === undefined ? undefined : kinds.kinds[kindId]?.recording;
  if (!recording || kindId === undefined) {
    const blank = (unit: Figure['unit']): Figure => unknown(unit, 'no recorder is chosen for it');
    return { perHour: blank('GB'), needed: blank('GB'), room: blank('GB'), fits: blank('') };
  }
  const perHour = calc(
    'GB',
    'rate * tracks * 0.45',
    [
      given('rate', recording.rate, 'Mb/s', 'kinds', `/kinds/${kindId}/recording/rate`),
      output.isolated === undefined
        ? constant('tracks', 1, 'pieces', 'programme only')
        : constant('tracks', 1 + output.isolated, 'pieces', 'programme and isolated cameras'),
    ],
    { source: '1 Mb/s for an hour is 0.45 GB' },
  );
  const needed = calc('GB', 'per_hour * live / 60', [
    taken('per_hour', perHour, `${path}.perHour`),
    taken('live', brief.phases.live, 'brief.phases.live'),
  ]);
  const room = calc('GB', 'disk * margin', [
    given('disk', recording.disk, 'GB', 'kinds', `/kinds/${kindId}/recording/disk`),
    constant('margin', 0.93, '×', 'filling margin'),
  ]);
  return {
    perHour,
    needed,
    room,
    fits: calc('', 'needed <= room', [
      taken('needed', needed, `${path}.needed`),
      taken('room', room, `${path}.room`),
    ]),
  };
}

export const stream: Station<StreamReads, StreamResult> = {
  name: 'stream',
  rules: [uploadUnmeasured, rungTooHigh, diskShort, uploadOld],
  compute,
};
