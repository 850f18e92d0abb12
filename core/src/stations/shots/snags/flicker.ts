import { FORMATS, severityOf } from '../../../foundations/index.js';
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
  *fixes(_, { rules, ownRules }) {
    const size = rules.format.slice(0, rules.format.indexOf('p'));
    for (const format of FORMATS) {
      if (format === rules.format || !format.startsWith(`${size}p`)) continue;
      yield fix(`Shoot at ${format}`, inPlan({ rules: ownRules }).put('rules', 'format', format));
    }
  },
});
