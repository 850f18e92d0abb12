import { inOrder, listed, severityOf, type Figure } from '../../../foundations/index.js';
import { beltpacks } from '../../signal/add-gear.js';
import { switches } from '../../signal/functions.js';
import { handsRule } from '../result.js';

const LINES = {
  talkback: {
    title: (names: string) => `Whoever mixes cannot speak to the operator of ${names}.`,
    advice: 'Give them a beltpack, or talkback with the return picture.',
  },
  tally: {
    title: (names: string) => `The operator of ${names} does not see when it is on air.`,
    advice: 'Lead tally to it, or fix a screen with the programme to the camera.',
  },
} as const;

/** Cameras whose operators do not hear whoever calls, or do not see what is on air, though somebody else does that. */
export const unheard = handsRule({
  rule: 'hands.unheard',
  reads: ({ own, devices }) => ({ cameras: own.lines, devices }),
  *find({ cameras, devices }) {
    for (const line of ['talkback', 'tally'] as const) {
      const missing = Object.entries(cameras).flatMap(([id, lines]) => {
        const figure: Figure | undefined = lines[line];
        const severity = figure && severityOf(figure);
        return severity === undefined ? [] : [{ id, figure, severity }];
      });
      const [first] = missing;
      if (!first) continue;
      yield {
        severity: first.severity,
        subjects: [line, ...missing.map(({ id }) => id)],
        title: LINES[line].title(listed(missing.map(({ id }) => devices?.[id]?.label ?? id))),
        because: missing.flatMap(({ figure }) => figure ?? []),
        advice: LINES[line].advice,
      };
    }
  },
  *fixes({ id, subjects: [line, ...cameras] }, { signal: { wiring }, kinds, shelf }) {
    const desk = inOrder(wiring.devices).find(([device]) => switches(wiring, device))?.[0];
    if (line === 'talkback' && desk !== undefined)
      yield* beltpacks(cameras, desk, id, { kinds, shelf, wiring });
  },
});
