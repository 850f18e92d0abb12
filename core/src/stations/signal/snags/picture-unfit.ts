import { severityOf } from '../../../foundations/index.js';
import { signalRule } from '../result.js';
import { fix, inPlan } from '../../../edits.js';

/** A source whose menus would be seen by everybody, or whose copy protection keeps its picture from being shown. */
export const pictureUnfit = signalRule({
  rule: 'signal.picture-unfit',
  reads: ({ own }) => ({ sources: own.sources, devices: own.wiring.devices }),
  *find({ sources, devices }) {
    for (const [id, { input, picture }] of Object.entries(sources)) {
      const severity = severityOf(picture);
      if (input.value === null || severity === undefined) continue;
      const label = devices[id]?.label ?? id;
      const words = String(picture.value);
      const always = words === 'copy-protected' || words === 'menus always on it';
      yield {
        severity,
        subjects: [id],
        title: words.startsWith('copy')
          ? `${label} gives a picture that is ${words}: switchers and recorders show it black.`
          : `${label} gives its picture with ${words.replace('menus', 'menus and icons')}.`,
        because: [picture],
        advice: always
          ? 'Use another output of it or another source; play what you have the right to show from a computer.'
          : 'Switch them off in its menu and look at the picture in the switcher.',
      };
    }
  },
  *fixes({ subjects: [id = ''] }, { own: { sources } }) {
    if (!String(sources[id]?.picture.value).includes('until')) return;
    yield fix('They are off, and somebody has looked', inPlan().put('devices', id, 'cleared', true));
  },
});
