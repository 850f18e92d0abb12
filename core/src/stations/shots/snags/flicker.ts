import { inOrder, severityOf, VIDEO_FORMATS, videoOf, type VideoFormat } from '../../../foundations/index.js';
import { picturesOf } from '../exposure.js';
import { shotsRule } from '../result.js';
import { namedIn, namesOf } from '../words.js';
import { fix, inPlan } from '../../../edits.js';

/** Lamps and screens in one picture that no shutter suits all. */
export const flicker = shotsRule({
  rule: 'shots.flicker',
  reads: seen => ({ results: seen.own.shots, ...namedIn(seen) }),
  *find({ results, ...named }) {
    for (const [id, { flickers, shutter, camera = '' }] of Object.entries(results)) {
      const severity = severityOf(flickers);
      if (severity === undefined) continue;
      const names = namesOf(named, id);
      yield {
        severity,
        subjects: [id, camera],
        title: `${flickers.value} will flicker in ${names.shot} from ${names.camera}: no shutter suits everything in the picture.`,
        because: [flickers, shutter],
        advice:
          'Change the refresh of the screen, use other lamps or another frame rate, or keep it out of the picture.',
      };
    }
  },
  *fixes(_, { rules, ownRules, devices, kinds }) {
    const cameras = inOrder(devices).flatMap(([, { kind }]) => {
      const { optics, ports } = kinds.kinds[kind] ?? {};
      return optics ? [Object.values(ports ?? {}).flatMap(({ formats = [] }) => formats)] : [];
    });
    for (const format of likeIn(rules.format)) {
      if (!cameras.every(can => can.length === 0 || can.includes(format))) continue;
      yield fix(`Shoot at ${format}`, inPlan({ rules: ownRules }).put('rules', 'format', format));
    }
  },
});

/** Other progressive formats of the same size, those of a rate near to it first. */
function likeIn(format: VideoFormat): VideoFormat[] {
  const own = videoOf(format);
  const off = (each: VideoFormat): number => Math.abs(picturesOf(each).rate - picturesOf(format).rate);
  return VIDEO_FORMATS.filter(each => {
    const { height, scan } = videoOf(each);
    return each !== format && height === own.height && scan === 'p';
  }).sort((a, b) => off(a) - off(b));
}
