/** Every figure of Signal. */
import { declare, DEFINITION, houseRule, measurement, standard } from '../../foundations/index.js';

const KINDS = measurement('the ports that the kinds of both devices are described with');
const WIRING = measurement('the links of the plan, followed');
const TYPICAL = houseRule('typical for its sort, until it is measured');

export const linkMates = declare({
  key: 'signal.links.*.mates',
  label: 'Plugs fit',
  unit: '',
  basis: KINDS,
  method:
    'the same connector at both ends, never plug on plug, pins on pins or holes on holes, else an adapter',
  limits: { raises: 'signal.connector-mismatch', stop: { is: false } },
});
export const linkFaces = declare({
  key: 'signal.links.*.faces',
  label: 'Ends face each other',
  unit: '',
  basis: KINDS,
  method: 'an output into an input, of the same sort',
  limits: { raises: 'signal.wrong-way', stop: { isNot: 'yes' } },
});
export const sourceInput = declare({
  key: 'signal.sources.*.input',
  label: 'Reaches',
  unit: '',
  basis: WIRING,
  limits: { raises: 'signal.source-unplugged', risk: { is: null } },
});
export const sourcePicture = declare({
  key: 'signal.sources.*.picture',
  label: 'Its picture',
  unit: '',
  basis: measurement('what its kind says, until somebody has looked'),
  method: 'what its output shows besides the picture',
  limits: { raises: 'signal.picture-unfit', stop: { is: 'copy-protected' }, risk: { isNot: 'clean' } },
});
export const countUsed = declare({
  key: 'signal.countables.*.*.used',
  label: 'Used',
  unit: 'pieces',
  basis: DEFINITION,
  method: 'all that draws on it',
});
export const countHave = declare({
  key: 'signal.countables.*.*.have',
  label: 'There',
  unit: 'pieces',
  basis: DEFINITION,
  method: 'what it has',
});
export const countSpare = declare({
  key: 'signal.countables.*.*.spare',
  label: 'Spare',
  unit: 'pieces',
  basis: DEFINITION,
  formula: 'have - used',
  limits: { raises: 'signal.short', stop: { below: 0 } },
});
export const countBeyondKept = declare({
  key: 'signal.countables.*.*.beyondKept',
  label: 'Beyond what is kept spare',
  unit: 'pieces',
  basis: houseRule('a share of everything is kept spare'),
  formula: 'have - used - have * kept / 100',
  // Shares of small numbers are no whole ones: nothing is short by a rounding error.
  limits: { raises: 'signal.short', note: { below: -1e-9 } },
});
export const linkFormat = declare({
  key: 'signal.formats.*.format',
  label: 'Runs through it',
  short: 'Format',
  unit: '',
  basis: WIRING,
});
export const formatTaken = declare({
  key: 'signal.formats.*.taken',
  label: 'Taken at its end',
  unit: '',
  basis: KINDS,
  method: 'format that comes in against what the input takes',
  limits: { raises: 'signal.format-mismatch', stop: { isNot: 'yes' } },
});
export const computerSetting = declare({
  key: 'signal.settings.*',
  label: 'Set to',
  unit: '',
  basis: WIRING,
});
export const loopThrough = declare({
  key: 'signal.loops.*.through',
  label: 'Comes back into',
  unit: '',
  basis: WIRING,
  method: 'devices that all lead to each other (strongly connected components of the links)',
});
export const loopHowls = declare({
  key: 'signal.loops.*.howls',
  label: 'Talkback runs round in it',
  unit: '',
  basis: WIRING,
  method: 'a port that carries talkback feeds it, and nothing in it takes that out',
  limits: { raises: 'signal.loop', stop: { is: true }, risk: { is: false } },
});
export const soundFrom = declare({
  key: 'signal.sound.*.from',
  label: 'Sound from',
  unit: '',
  basis: WIRING,
  method: 'leads of sound and of pictures followed to desks, microphones and players',
  limits: { raises: 'signal.sound-missing', risk: { is: null } },
});
export const soundTwice = declare({
  key: 'signal.sound.*.twice',
  label: 'Sound that comes twice',
  unit: '',
  basis: WIRING,
  method: 'desks and microphones that come in by a socket of sound and with a picture as well',
  limits: { raises: 'signal.sound-twice', risk: { isNot: 'no' } },
});
export const soundLate = declare({
  key: 'signal.latency.*.sound',
  label: 'Sound comes after',
  unit: 'ms',
  basis: TYPICAL,
  formula: 'sum(adds) + sum(set)',
});
export const pictureLate = declare({
  key: 'signal.latency.*.sources.*.video',
  label: 'Its picture comes after',
  unit: 'ms',
  basis: TYPICAL,
  formula: 'sum(adds)',
});
export const soundOffset = declare({
  key: 'signal.latency.*.sources.*.offset',
  label: 'Sound early by',
  unit: 'ms',
  basis: standard('ITU-R BT.1359-1: 45 ms early or 125 ms late is noticed'),
  formula: 'video - sound',
  limits: { raises: 'signal.lip-sync', risk: { above: 45, orBelow: -125 } },
});
export const soundVerdict = declare({
  key: 'signal.latency.*.sources.*.verdict',
  label: 'Lip sync',
  unit: '',
  basis: standard(
    'EBU R37 (40 ms early, 60 ms late); ITU-R BT.1359-1 (45 / 125 noticeable, 90 / 185 unacceptable)',
  ),
  formula:
    "early > badEarly or early < -badLate ? 'unacceptable' : early > seenEarly or early < -seenLate ? 'noticeable' : early > goodEarly or early < -goodLate ? 'fair' : 'good'",
});
export const soundDelay = declare({
  key: 'signal.latency.*.delay',
  label: 'Delay that suits',
  unit: 'ms',
  basis: houseRule('for the tightest shot, raised until no camera is more than 40 ms early', 'EBU R37'),
  formula: 'max(tight, min(max(video) - early, tight + late)) - (sound - set)',
});
export const screenLate = declare({
  key: 'signal.screens.*.late',
  label: 'Late by',
  unit: 'ms',
  basis: TYPICAL,
  formula: 'sum(adds)',
  limits: { raises: 'signal.screen-late', note: { above: 100 } },
});
export const outputFedBy = declare({
  key: 'signal.outputs.*.fedBy',
  label: 'Fed by',
  unit: '',
  basis: WIRING,
  limits: { raises: 'signal.output-unfed', stop: { is: null } },
});
export const outputGets = declare({
  key: 'signal.outputs.*.gets',
  label: 'Gets',
  unit: '',
  basis: WIRING,
});
export const outputFormat = declare({
  key: 'signal.outputs.*.format',
  label: 'Size and rate',
  unit: '',
  basis: WIRING,
});
export const outputLines = declare({
  key: 'signal.outputs.*.lines',
  label: 'Lines it can be sent with',
  unit: 'px',
  basis: measurement('what is made, and what the kinds on its way and its encoder can carry'),
  formula: 'min(lines)',
});
export const viewSees = declare({
  key: 'signal.views.*.sees',
  label: 'Sees',
  unit: '',
  basis: WIRING,
  limits: { raises: 'signal.view-missing', note: { is: null } },
});
export const viewTile = declare({
  key: 'signal.views.*.tile',
  label: 'Each picture there',
  unit: 'm',
  basis: houseRule(
    'pictures side by side in rows as long as they are many; 12 cm are seen from a chair at the desk',
  ),
  formula: 'width / ceil(sqrt(pictures))',
  limits: { raises: 'signal.view-missing', note: { below: 0.12 } },
});
export const cameraControl = declare({
  key: 'signal.cameras.*.control',
  label: 'Steered by',
  unit: '',
  basis: WIRING,
  limits: { raises: 'signal.line-missing', risk: { is: null } },
});
export const switcherWorked = declare({
  key: 'signal.switchers.*',
  label: 'Worked by',
  unit: '',
  basis: WIRING,
  limits: { raises: 'signal.unworked', risk: { is: null } },
});
export const cameraTalkback = declare({
  key: 'signal.cameras.*.talkback',
  label: 'Hears by',
  unit: '',
  basis: WIRING,
});
export const cameraTally = declare({
  key: 'signal.cameras.*.tally',
  label: 'Sees that it is on air by',
  unit: '',
  basis: WIRING,
});
export const cameraCoax = declare({
  key: 'signal.cameras.*.coax',
  label: 'Coax leads to it',
  unit: 'pieces',
  basis: DEFINITION,
  formula: 'sum(lead)',
});
export const assemblyVersion = declare({
  key: 'signal.assemblies.*.version',
  label: 'Version of its assembly',
  unit: '',
  basis: DEFINITION,
  formula: 'version',
});
export const assemblyNewest = declare({
  key: 'signal.assemblies.*.newest',
  label: 'Newest version',
  unit: '',
  basis: DEFINITION,
  formula: 'newest',
});
export const assemblyNewer = declare({
  key: 'signal.assemblies.*.newer',
  label: 'A newer version exists',
  unit: '',
  basis: DEFINITION,
  formula: 'newest > version',
  limits: { raises: 'signal.assembly-old', note: { is: true } },
});

export const SIGNAL_FIGURES = [
  ...[linkMates, linkFaces, sourceInput, sourcePicture, countUsed, countHave, countSpare, countBeyondKept],
  ...[linkFormat, formatTaken, computerSetting, loopThrough, loopHowls, soundLate, pictureLate],
  ...[soundFrom, soundTwice],
  ...[soundOffset, soundVerdict, soundDelay, screenLate, outputFedBy, outputGets, outputFormat, outputLines],
  viewSees,
  ...[viewTile, cameraControl, cameraTalkback, cameraTally, cameraCoax, assemblyVersion, assemblyNewest],
  ...[assemblyNewer, switcherWorked],
];
