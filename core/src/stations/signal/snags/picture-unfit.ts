import type { Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import type { SignalReads, SignalResult } from '../index.js';

/** A source whose menus would be seen by everybody, or whose copy protection keeps its picture from being shown. */
export const pictureUnfit: Rule<Seen<SignalReads, SignalResult>> = {
  rule: 'signal.picture-unfit',
  station: 'signal',
  find: ({ own: { sources, wiring } }) =>
    Object.entries(sources).flatMap(([id, { input, picture }]) => {
      if (input.value === null || picture.value === 'clean') return [];
      const label = wiring.devices[id]?.label ?? id;
      const words = String(picture.value);
      const always = words === 'copy-protected' || words === 'menus always on it';
      return [
        {
          severity: words === 'copy-protected' ? ('stop' as const) : ('risk' as const),
          subjects: [id],
          title: words.startsWith('copy')
            ? `${label} gives a picture that is ${words}: switchers and recorders show it black.`
            : `${label} gives its picture with ${words.replace('menus', 'menus and icons')}.`,
          because: [`signal.sources.${id}.picture`],
          advice: always
            ? 'Use another output of it or another source; play what you have the right to show from a computer.'
            : 'Switch them off in its menu and look at the picture in the switcher.',
        },
      ];
    }),
  *fixes({ subjects: [id = ''] }, { own: { sources } }) {
    if (!String(sources[id]?.picture.value).includes('until')) return;
    yield {
      label: 'They are off, and somebody has looked',
      changes: [{ document: 'plan', patch: [{ op: 'add', path: `/devices/${id}/cleared`, value: true }] }],
    };
  },
};
