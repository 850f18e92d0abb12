import type { Task } from '../../../documents/index.js';
import { inOrder, listed } from '../../../foundations/index.js';
import { signalRule } from '../result.js';
import { fix, inPlan } from '../../../edits.js';

const WORDS: Readonly<Record<Task, string>> = {
  slides: 'shows slides',
  clips: 'plays clips',
  captions: 'makes captions',
  call: 'holds the call',
  encode: 'sends the stream',
  mix: 'mixes',
  control: 'steers',
  attendee: 'watches as a guest',
  speaker: 'belongs to whoever speaks',
};
const HEAVY: readonly Task[] = ['slides', 'mix', 'encode', 'call'];

/** One computer that does too much at once, or that shows its desktop between slides and clips. */
export const oneComputer = signalRule({
  rule: 'signal.one-computer',
  reads: ({ own }) => ({ devices: own.wiring.devices, settings: own.settings }),
  *find({ devices, settings }) {
    for (const [id, { label, tasks = [] }] of inOrder(devices)) {
      const heavy = tasks.filter(task => HEAVY.includes(task));
      const because = settings[id] ? [settings[id]] : [];
      if (heavy.length > 1) {
        yield {
          severity: 'risk',
          subjects: [id, 'load'],
          title: `${label} ${listed(heavy.map(task => WORDS[task]))}: if it stumbles, all of it stops.`,
          because,
          advice: 'Share this between two computers, unless it was proven with everything running.',
        };
      }
      if (tasks.includes('slides') && tasks.includes('clips')) {
        yield {
          severity: 'note',
          subjects: [id, 'desktop'],
          title: `${label} shows slides and plays clips: between them its desktop is seen.`,
          because,
          advice: 'Play clips from another computer or from the switcher, or cut away before changing over.',
        };
      }
    }
  },
  *fixes({ subjects: [id = '', which] }, { own: { wiring } }) {
    const tasks = wiring.devices[id]?.tasks ?? [];
    const movable = which === 'load' ? HEAVY : (['clips'] as const);
    for (const [other, { label, tasks: theirs = [] }] of inOrder(wiring.devices)) {
      if (other === id || wiring.kindOf(other)?.family !== 'computer' || theirs.length > 0) continue;
      for (const task of movable) {
        if (!tasks.includes(task)) continue;
        yield fix(
          `${label} ${WORDS[task]} instead`,
          inPlan()
            .put(
              'devices',
              id,
              'tasks',
              tasks.filter(each => each !== task),
            )
            .put('devices', other, 'tasks', [...theirs, task]),
          task,
        );
      }
    }
  },
});
