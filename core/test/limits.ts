/** Every limit of a declared figure, written down apart from the code, and where its value comes from. */
import type { Severity, Value } from '../src/foundations/index.js';

interface Limit {
  readonly key: string;
  readonly severity: Severity;
  readonly side: 'above' | 'orBelow' | 'below' | 'is' | 'isNot';
  readonly value: Value;
  readonly from: string;
}

const limit = (key: string, severity: Severity, side: Limit['side'], value: Value, from: string): Limit => ({
  ...{ key, severity, side, value, from },
});

export const LIMITS: readonly Limit[] = [
  limit('brief.phases.live', 'risk', 'is', 0, 'without a live item nothing has a length'),
  limit('brief.outputsWanted', 'stop', 'is', 0, 'an event from which nothing comes out'),
  limit('ground.aisles.*.wideEnough', 'risk', 'is', false, 'narrower than the rule for clear aisles'),
  limit('shots.cameras.*.noFilm', 'stop', 'isNot', 'none', 'people there have not agreed to be seen'),
  limit('shots.cameras.*.disturbance', 'note', 'above', 40, 'two in five of the seats, weighed'),
  limit('shots.cameras.*.support.tallEnough', 'risk', 'is', false, 'the lens is where it is planned'),
  limit('shots.cameras.*.support.strongEnough', 'stop', 'is', false, 'it may tip or slip'),
  limit('shots.cameras.*.support.rightHead', 'risk', 'is', false, 'moves by hand want a fluid head'),
  limit('shots.shots.*.reached', 'risk', 'is', false, 'the lens does not go that far'),
  limit('shots.shots.*.verticalAngle', 'risk', 'above', 60, 'what hangs over people needs a second fixing'),
  limit('shots.shots.*.viewVerdict', 'risk', 'is', 'poor', 'what lies on a table is foreshortened'),
  limit('shots.shots.*.nearEnough', 'risk', 'is', false, 'nearer than the lens focuses'),
  limit('shots.shots.*.window.sharp', 'risk', 'is', false, 'a window is not enlarged beyond the sensor'),
  limit('shots.shots.*.window.inside', 'risk', 'is', false, 'a window lies in the picture it is cut from'),
  limit('shots.shots.*.hidden', 'risk', 'above', 5, 'a twentieth of the frame is seen to be missing'),
  limit('shots.shots.*.sight', 'stop', 'is', 'blocked', 'the middle of the frame is hidden'),
  limit('shots.shots.*.overSeated', 'stop', 'below', 0.1, 'a hand’s breadth over heads'),
  limit(
    'shots.shots.*.overStanding',
    'risk',
    'below',
    0.1,
    'a hand’s breadth over heads, while people stand',
  ),
  limit('shots.shots.*.pastSolids', 'stop', 'below', 0, 'furniture is in the picture'),
  limit('shots.shots.*.pastSolids', 'risk', 'below', 0.1, 'a hand’s breadth from furniture'),
  limit('shots.shots.*.flickers', 'risk', 'isNot', 'none', 'no shutter suits everything in the picture'),
  limit('shots.shots.*.gainAccepted', 'risk', 'is', false, 'more gain than its owner accepts'),
  limit('shots.shots.*.lightToSpare', 'note', 'above', 0.67, 'a third of a stop or two is stopped down'),
  limit('shots.shots.*.focus.everyFaceSharp', 'risk', 'is', false, 'a face of a group is not sharp'),
  limit('shots.gear.*.share', 'note', 'above', 1, 'a hundredth of the picture is seen at once'),
  limit('shots.coverage.*.count', 'note', 'is', 1, 'if that one fails nothing is left'),
  limit('shots.cuts.*.good', 'note', 'is', false, 'the 30° rule: else a cut looks like a mistake'),
  limit('signal.links.*.mates', 'stop', 'is', false, 'a plug does not go into another socket'),
  limit('signal.links.*.faces', 'stop', 'isNot', 'yes', 'an output goes into an input of the same sort'),
  limit('signal.sources.*.input', 'risk', 'is', null, 'a picture that nobody can take'),
  limit('signal.sources.*.picture', 'stop', 'is', 'copy-protected', 'switchers show it black'),
  limit('signal.sources.*.picture', 'risk', 'isNot', 'clean', 'everybody would see it'),
  limit('signal.countables.*.*.spare', 'stop', 'below', 0, 'there are no more'),
  limit('signal.countables.*.*.beyondKept', 'note', 'below', -1e-9, 'less is spare than the house keeps'),
  limit('signal.formats.*.taken', 'stop', 'isNot', 'yes', 'the input stays black'),
  limit('signal.loops.*.howls', 'stop', 'is', true, 'talkback that hears itself howls'),
  limit('signal.loops.*.howls', 'risk', 'is', false, 'a picture in itself'),
  limit('signal.latency.*.sources.*.offset', 'risk', 'above', 45, 'ITU-R BT.1359-1: early sound is noticed'),
  limit(
    'signal.latency.*.sources.*.offset',
    'risk',
    'orBelow',
    -125,
    'ITU-R BT.1359-1: late sound is noticed',
  ),
  limit('signal.screens.*.late', 'note', 'above', 100, 'whoever sees speaker and screen notices'),
  limit('signal.outputs.*.fedBy', 'stop', 'is', null, 'an output that nothing feeds'),
  limit('signal.views.*.sees', 'note', 'is', null, 'they do not see what they must'),
  limit('signal.views.*.tile', 'note', 'below', 0.12, 'a picture that is seen from a chair at the desk'),
  limit('signal.cameras.*.control', 'risk', 'is', null, 'nothing steers it'),
  limit('signal.cameras.*.talkback', 'risk', 'is', null, 'nobody can speak to its operator'),
  limit('signal.cameras.*.tally', 'note', 'is', null, 'its operator does not see that it is on air'),
  limit('signal.assemblies.*.newer', 'note', 'is', true, 'a newer version exists'),
  limit('stream.streams.*.fits', 'stop', 'is', false, 'beyond the share of the line the house rule allows'),
  limit('stream.recordings.*.fits', 'stop', 'is', false, 'a disk that is full ends the recording'),
  limit('runs.runs.*.excess', 'note', 'above', 10, 'a heap of cable to hide'),
  limit('runs.beside.*.mains', 'risk', 'above', 1, 'sound may cross mains, and lie beside it for a metre'),
  limit('runs.passages.*.wideEnough', 'stop', 'is', false, 'too little room for a wheelchair'),
  limit('hands.roles.*.filled', 'risk', 'is', false, 'a role without a person'),
  limit('hands.shared.*.apart', 'risk', 'above', 2.5, 'a few steps from one camera to the next'),
  limit('power.devices.*.fedBy', 'stop', 'is', null, 'a device that needs power must be fed'),
  limit('power.strips.*.share', 'stop', 'above', 100, 'a strip carries its rating and no more'),
  limit('power.sockets.*.share', 'stop', 'above', 100, 'a socket carries its rating and no more'),
  limit('power.circuits.*.share', 'stop', 'above', 100, 'a breaker carries its rating by the house rule'),
  limit('power.circuits.*.share', 'risk', 'above', 80, 'a fifth kept free for what nobody has counted'),
  limit('power.drops.*.drop', 'risk', 'above', 3, 'IEC 60364-5-52 annex G: 3 % for lighting'),
  limit('power.drops.*.drop', 'stop', 'above', 5, 'IEC 60364-5-52 annex G: 5 % for other uses'),
  limit('power.batteries.*.margin', 'stop', 'below', 0, 'empty before the end'),
  limit('power.batteries.*.margin', 'risk', 'below', 15, 'a quarter of an hour for what runs over'),
  limit(
    'racks.racks.*.weight',
    'note',
    'above',
    23,
    'the reference mass of the revised NIOSH lifting equation',
  ),
];
