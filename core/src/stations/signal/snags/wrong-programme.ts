import type { Port } from '../../../documents/index.js';
import { signalRule } from '../result.js';
import { leadFromMaker } from '../switching.js';
import { fix, inPlan } from '../../../edits.js';

/** An output that gets another programme than the one that is wanted of it, or graphics where none are wanted. */
export const wrongProgramme = signalRule({
  rule: 'signal.wrong-programme',
  reads: ({ own, outputs }) => ({ fed: own.outputs, outputs }),
  *find({ fed, outputs }) {
    for (const [id, { gets }] of Object.entries(fed)) {
      const output = outputs?.[id];
      const wanted = output?.programme ?? 'programme';
      if (!output || gets.value === null || gets.value === wanted) continue;
      // One camera straight to a screen or recorder is a wish of its own unless a programme was named.
      if (output.programme === undefined && (gets.value === 'one source' || gets.value === 'aux')) continue;
      // The clean programme is the programme too, as long as nobody asked for graphics by name.
      if (output.programme === undefined && gets.value === 'clean') continue;
      yield {
        severity: 'stop',
        subjects: [id],
        outputs: [id],
        title:
          wanted === 'clean'
            ? `${output.label} is to be without graphics and gets the ${String(gets.value)}.`
            : `${output.label} is to be the ${wanted} and gets ${gets.value === 'one source' ? 'one source' : `the ${String(gets.value)}`}.`,
        because: [gets],
        advice:
          'Set the output of the switcher to it, plug into another one, or mix it in a switcher of its own.',
      };
    }
  },
  *fixes({ subjects: [id = ''] }, { own: { wiring, outputs: fed }, outputs }) {
    const output = outputs?.[id];
    const switcher = fed[id]?.switcher;
    if (!output) return;
    const wanted = output.programme ?? 'programme';
    const lead = output.device === undefined ? undefined : leadFromMaker(wiring, output.device);
    if (lead && switcher !== undefined) {
      const port = lead[1].from.port ?? '';
      const can = wiring.kindOf(switcher)?.ports?.[port]?.gives ?? [];
      if (can.includes(wanted)) {
        yield fix(
          `Set ${wiring.kindOf(switcher)?.ports?.[port]?.label ?? 'the output'} of ${wiring.devices[switcher]?.label ?? 'the switcher'} to the ${wanted}`,
          inPlan().put('devices', switcher, 'buses', port, { bus: wanted }),
        );
      }
      const connector = wiring.portOf(lead[1].from)?.connector;
      const suits = (each: Port): boolean => each.connector === connector && each.gives?.[0] === wanted;
      for (const [free, each] of wiring.freePorts(switcher, suits)) {
        yield fix(
          `Plug it into ${each.label} of ${wiring.devices[switcher]?.label ?? 'the switcher'}`,
          inPlan().put('links', lead[0], 'from', 'port', free),
          'port',
        );
      }
    }
    if (output.programme !== undefined) {
      yield fix(`Let ${output.label} be the first programme`, inPlan().drop('outputs', id, 'programme'));
    }
  },
});
