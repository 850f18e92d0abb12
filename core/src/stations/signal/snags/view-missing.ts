import type { Viewer } from '../../../documents/index.js';
import { listed, numberOf, severityOf, type Finding } from '../../../foundations/index.js';
import { screenAt } from '../add-gear.js';
import { signalRule } from '../result.js';
import type { View } from '../views.js';
import { fix, inPlan } from '../../../edits.js';

const ADVICE: Readonly<Record<Viewer, string>> = {
  mixer: 'Set an output to the multiview and put a screen before whoever mixes.',
  camera: 'Fix a small screen with the programme to the camera, or lead a return picture to it.',
  presenter: 'Turn a screen with the programme to the stage.',
  watcher: 'Let somebody watch the stream on a phone over the mobile network, as a guest would.',
  sound: 'Put the meters where sound is mixed.',
};

/** Somebody who takes part without seeing what they must see: mixing blind, or a stream that nobody watches. */
export const viewMissing = signalRule({
  rule: 'signal.view-missing',
  reads: ({ own }) => ({ views: own.views }),
  *find({ views }) {
    const all = Object.entries(views);
    const blind = all.map(([, view]) => view).filter(({ sees }) => severityOf(sees) !== undefined);
    for (const viewer of new Set(blind.map(each => each.viewer)))
      yield unseen(
        viewer,
        blind.filter(each => each.viewer === viewer),
      );
    for (const [key, { viewer, sees }] of all) {
      if (viewer !== 'watcher' || !String(sees.value).endsWith('over the line of the stream')) continue;
      yield {
        severity: 'note',
        subjects: [key],
        title: 'The stream is watched over its own line: it will look well when it is not.',
        because: [sees],
        advice: ADVICE.watcher,
      };
    }
    for (const [key, { label, tile }] of all) {
      const severity = tile && severityOf(tile);
      if (!tile || severity === undefined) continue;
      yield {
        severity,
        subjects: [key],
        title: `For ${label} each picture is ${Math.round((numberOf(tile) ?? 0) * 100)} cm wide: hard to see who is sharp.`,
        because: [tile],
        advice: 'Take a larger screen, or fewer pictures on it.',
      };
    }
  },
  *fixes({ id: seed, subjects: [viewer = '', ...of] }, { own: { wiring }, kinds, shelf }) {
    const [switcher] = of;
    if (viewer === 'mixer' && switcher !== undefined && of.length === 1)
      yield* screenAt(switcher, seed, { kinds, shelf, wiring });
    if (viewer !== 'presenter' && viewer !== 'watcher') return;
    for (const [id, { label, viewers = [] }] of Object.entries(wiring.devices)) {
      const family = wiring.kindOf(id)?.family;
      const suits =
        viewer === 'presenter' ? family === 'screen' : family === 'computer' || family === 'control';
      if (!suits || viewers.includes(viewer)) continue;
      yield fix(
        viewer === 'presenter' ? `${label} is turned to the stage` : `It is watched on ${label}`,
        inPlan().put('devices', id, 'viewers', [...viewers, viewer]),
      );
    }
  },
});

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** Those of one sort who see nothing; mixing blind is worse than the rest. */
function unseen(viewer: Viewer, views: readonly View[]): Finding {
  const names = capital(listed(views.map(({ label }) => label)));
  const why = views[0]?.sees.why ?? '';
  return {
    severity: viewer === 'mixer' ? 'risk' : 'note',
    subjects: [viewer, ...views.flatMap(({ device }) => device ?? [])],
    title: viewer === 'mixer' ? `${names} mixes blind: ${why}.` : `${names}: ${why}.`,
    because: views.map(({ sees }) => sees),
    advice: ADVICE[viewer],
  };
}
