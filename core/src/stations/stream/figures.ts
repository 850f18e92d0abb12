/** Every figure of Stream. */
import { declare, DEFINITION, houseRule, measurement, standard } from '../../foundations/index.js';

const LADDER_SOURCE = 'ladder of H.264 rates, as streaming platforms recommend them';
const OVERHEAD_RULE = houseRule('8 % for the protocol', 'headers of RTMP, TLS and TCP at these rates');
const GIGABYTE = standard('gigabyte of 10⁹ bytes (IEC 80000-13)');

export const worstUpload = declare({
  key: 'stream.worstUpload',
  label: 'Worst upload measured',
  unit: 'Mb/s',
  basis: measurement('the logged tests of the venue'),
  formula: 'min(test)',
});
export const budget = declare({
  key: 'stream.budget',
  label: 'Budget by the house rule',
  unit: 'Mb/s',
  basis: houseRule('upload headroom', 'the worst of the logged tests, not the best'),
  formula: "(school = 'half' ? 0.5 : 0.75) * worst",
});
export const houseTaken = declare({
  key: 'stream.taken',
  label: 'Taken of it',
  unit: 'Mb/s',
  basis: DEFINITION,
  formula: 'sum(line)',
});
export const streamLine = declare({
  key: 'stream.streams.*.line',
  label: 'Goes over',
  unit: '',
  basis: DEFINITION,
  method: 'leads and air of the network followed from what sends it',
});
export const lineUpload = declare({
  key: 'stream.streams.*.upload',
  label: 'Worst upload of its line',
  unit: 'Mb/s',
  basis: measurement('readings of the mobile network within 15 m of its modem'),
  formula: 'min(test)',
});
export const lineBudget = declare({
  key: 'stream.streams.*.budget',
  label: 'Budget of its line',
  unit: 'Mb/s',
  basis: houseRule('upload headroom', 'the worst of the readings, not the best'),
  formula: "(school = 'half' ? 0.5 : 0.75) * worst",
});
export const streamShare = declare({
  key: 'stream.streams.*.share',
  label: 'Its share of the budget',
  unit: 'Mb/s',
  basis: houseRule('what sizes take at least, and the rest in equal parts'),
  formula: 'least + (budget - sum(all)) / count',
});
export const streamOthers = declare({
  key: 'stream.streams.*.others',
  label: 'Everything else on its line',
  unit: 'Mb/s',
  basis: DEFINITION,
  formula: 'sum(other)',
});
export const streamRung = declare({
  key: 'stream.streams.*.rung',
  label: 'Size and rate',
  unit: '',
  basis: standard(LADDER_SOURCE),
  method: 'best size whose lowest rate fits the budget, no larger than what comes and can be sent',
});
export const videoRate = declare({
  key: 'stream.streams.*.videoRate',
  label: 'Video bit rate',
  unit: 'kb/s',
  basis: standard(LADDER_SOURCE),
  formula: 'max(low, min(high, budget * k / overhead - audio))',
});
export const lineRate = declare({
  key: 'stream.streams.*.lineRate',
  label: 'On the line',
  unit: 'Mb/s',
  basis: OVERHEAD_RULE,
  formula: '(video + audio) * overhead / k',
});
export const streamFits = declare({
  key: 'stream.streams.*.fits',
  label: 'Fits the budget',
  unit: '',
  basis: houseRule('upload headroom'),
  formula: 'line + others <= budget + rounding',
  limits: { raises: 'stream.rung-too-high', stop: { is: false } },
});
export const streamData = declare({
  key: 'stream.streams.*.data',
  label: 'Data for the event',
  unit: 'GB',
  basis: standard('gigabyte of 10⁹ bytes (IEC 80000-13); live minutes only'),
  formula: 'line * 3600 * live / 60 / 8000',
});
export const nextNeeds = declare({
  key: 'stream.streams.*.nextNeeds',
  label: 'Next size needs a budget of',
  unit: 'Mb/s',
  basis: OVERHEAD_RULE,
  formula: '(low + audio) * overhead / k',
});
export const perHour = declare({
  key: 'stream.recordings.*.perHour',
  label: 'Written per hour',
  unit: 'GB',
  basis: GIGABYTE,
  formula: 'rate * tracks * hour / 8000',
});
export const diskNeeded = declare({
  key: 'stream.recordings.*.needed',
  label: 'Disk needed',
  unit: 'GB',
  basis: DEFINITION,
  formula: 'per_hour * live / hour',
});
export const diskUsed = declare({
  key: 'stream.recordings.*.disk',
  label: 'Recorded on',
  unit: '',
  basis: DEFINITION,
  method: 'the disk that is fitted, or plugged into it',
  limits: { raises: 'stream.no-disk', stop: { is: null } },
});
export const diskRoom = declare({
  key: 'stream.recordings.*.room',
  label: 'Disk there',
  unit: 'GB',
  basis: houseRule(
    'a disk is filled to 93 %',
    'full disks grow slow, and file systems keep some for themselves',
  ),
  formula: 'disk * margin',
});
export const diskFits = declare({
  key: 'stream.recordings.*.fits',
  label: 'Fits',
  unit: '',
  basis: DEFINITION,
  formula: 'needed <= room',
  limits: { raises: 'stream.disk-short', stop: { is: false } },
});

export const STREAM_FIGURES = [
  ...[
    worstUpload,
    budget,
    houseTaken,
    streamLine,
    lineUpload,
    lineBudget,
    streamShare,
    streamOthers,
    streamRung,
    videoRate,
    lineRate,
    streamFits,
    streamData,
    nextNeeds,
  ],
  ...[perHour, diskNeeded, diskUsed, diskRoom, diskFits],
];
