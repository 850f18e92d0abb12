import type { OutputKind } from '../../../documents/index.js';
import { inOrder, severityOf, type DocumentPatch, type Fix } from '../../../foundations/index.js';
import { connect, freeVideoPorts } from '../connect.js';
import { outputSuits, switches } from '../functions.js';
import { signalRule, type SignalSeen } from '../result.js';
import { fix, inPlan } from '../../../edits.js';

/** What to bring where nothing in the plan can give an output of a kind. */
const LACKING: Readonly<Record<OutputKind, string>> = {
  stream:
    'Nothing here encodes: add an encoder, a switcher or camera that has one, or a computer set to it, and feed it.',
  recording: 'Nothing here records: add a recorder, or a switcher or camera that records, and feed it.',
  screen: 'Nothing here shows pictures: add a screen or a projector, and feed it.',
  call: 'Nothing here holds a call: add a computer, and set it to hold one.',
};

/** A wanted output that nothing feeds. */
export const outputUnfed = signalRule({
  rule: 'signal.output-unfed',
  reads: ({ own, outputs }) => ({ fed: own.outputs, outputs, wiring: own.wiring }),
  *find({ fed, outputs, wiring }) {
    const anyFor = (id: string): boolean =>
      Object.keys(wiring.devices).some(device =>
        outputSuits(wiring, outputs?.[id]?.kind ?? 'stream', device),
      );
    for (const [id, { fedBy }] of Object.entries(fed)) {
      const severity = severityOf(fedBy);
      if (severity === undefined) continue;
      yield {
        severity,
        subjects: [id],
        outputs: [id],
        title: `Nothing feeds “${outputs?.[id]?.label ?? 'an output'}”: ${fedBy.why ?? ''}.`,
        because: [fedBy],
        ...(anyFor(id) ? {} : { advice: LACKING[outputs?.[id]?.kind ?? 'stream'] }),
      };
    }
  },
  *fixes(snag, seen) {
    const id = snag.subjects[0] ?? '';
    const output = seen.outputs?.[id];
    if (!output) return;
    const { wiring } = seen.own;
    const suits = inOrder(wiring.devices).filter(([device]) => outputSuits(wiring, output.kind, device));
    for (const [device, { label }] of suits.sort(([a], [b]) => rankOf(seen, a) - rankOf(seen, b))) {
      const choose = inPlan().put('outputs', id, 'device', device);
      yield fix(`Take it from ${label}`, choose);
      yield* plugIn(seen, device, choose.change, snag.id);
    }
    yield fix('Do without it', inPlan().drop('outputs', id));
  },
});

/** What was plugged in for it comes first, and of that what does nothing else; then what mixes. */
function rankOf({ own, links }: SignalSeen, device: string): number {
  const fed = Object.values(links ?? {}).some(
    ({ to, from }) => to.device === device && from.device !== undefined,
  );
  return (fed ? 0 : 2) + (switches(own.wiring, device) ? 1 : 0);
}

/** Links a free switcher output to the device, and chooses the device. */
function* plugIn(
  { own, kinds, shelf, links }: SignalSeen,
  device: string,
  choose: DocumentPatch,
  seed: string,
): Generator<Fix> {
  const { wiring, leads } = own;
  const input = freeVideoPorts(wiring, device, 'in')[0];
  if (!input) return;
  for (const [switcher, { label }] of inOrder(wiring.devices)) {
    if (switcher === device || !switches(wiring, switcher)) continue;
    const output = freeVideoPorts(wiring, switcher, 'out')[0];
    if (!output) continue;
    const connection = connect(
      {
        from: { device: switcher, port: output[0] },
        fromPort: output[1],
        to: { device, port: input[0] },
        toPort: input[1],
        seed: `${seed}/${device}`,
        hasLinks: links !== undefined,
      },
      { kinds, shelf, wiring, leads },
    );
    if (!connection) continue;
    yield {
      label: `Plug ${output[1].label} of ${label} into ${wiring.devices[device]?.label ?? 'it'}`,
      changes: [...connection.changes, choose],
    };
  }
}
