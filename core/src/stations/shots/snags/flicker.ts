import { FORMATS, type Rule } from '../../../foundations/index.js';
import { namesOf, type ShotsSeen } from '../words.js';

/** Lamps and screens in one picture that no shutter suits all. */
export const flicker: Rule<ShotsSeen> = {
  rule: 'shots.flicker',
  station: 'shots',
  find: seen =>
    Object.entries(seen.own.shots).flatMap(([id, { flickers, camera = '' }]) => {
      if (typeof flickers.value !== 'string' || flickers.value === 'none') return [];
      const names = namesOf(seen, id);
      return [
        {
          severity: 'risk' as const,
          subjects: [id, camera],
          title: `${flickers.value} will flicker in ${names.shot} from ${names.camera}: no shutter suits everything in the picture.`,
          because: [`shots.shots.${id}.flickers`, `shots.shots.${id}.shutter`],
          advice:
            'Change the refresh of the screen, use other lamps or another frame rate, or keep it out of the picture.',
        },
      ];
    }),
  *fixes(_, { rules, ownRules }) {
    const size = rules.format.slice(0, rules.format.indexOf('p'));
    for (const format of FORMATS) {
      if (format === rules.format || !format.startsWith(`${size}p`)) continue;
      yield {
        label: `Shoot at ${format}`,
        changes: [
          {
            document: 'plan',
            patch: [
              ...(ownRules ? [] : [{ op: 'add' as const, path: '/rules', value: {} }]),
              { op: 'add', path: '/rules/format', value: format },
            ],
          },
        ],
      };
    }
  },
};
