import { counted } from '@idle-satchel/core';
import { workUnderWay, type WorkLine } from '@idle-satchel/core/work-log';
import { useMemo } from 'react';
import { Heading } from '../../ledger/Ledger.js';
import { useEvent, useReading, useStore } from '../../store/hooks.js';

/** Getting ready and striking as they go: each piece is begun and done by a press, and how long it took is kept. */
export default function WorkUnderWay({ presses }: { presses: boolean }) {
  const bundle = useEvent(state => state.bundle);
  const assessment = useEvent(state => state.assessment);
  const reading = useReading();
  const { before, after } = useMemo(
    () => workUnderWay(bundle, assessment, reading),
    [bundle, assessment, reading],
  );
  return (
    <section aria-label="Work of the day" className="pb-2 max-md:px-4 max-md:order-first">
      <Work title="Getting ready" lines={before} presses={presses} />
      <Work title="Striking" lines={after} presses={presses} />
    </section>
  );
}

function Work({ title, lines, presses }: { title: string; lines: readonly WorkLine[]; presses: boolean }) {
  if (lines.length === 0) return null;
  const done = lines.filter(({ state }) => state === 'done');
  const waits = lines.filter(({ state }) => state === 'waits');
  const now = lines.filter(({ state }) => state === 'under way' || state === 'can begin');
  const shown = (these: readonly WorkLine[]) => (
    <ul>
      {these.map(line => (
        <Line key={line.key} line={line} presses={presses} />
      ))}
    </ul>
  );
  return (
    <details>
      <summary>
        {title}: {done.length} of {counted(lines.length, 'piece', 'pieces')} done
      </summary>
      {shown(now)}
      {waits.length > 0 && (
        <>
          <Heading>Waits for something</Heading>
          {shown(waits)}
        </>
      )}
      {done.length > 0 && (
        <>
          <Heading>Done</Heading>
          {shown(done)}
        </>
      )}
    </details>
  );
}

function Line({ line, presses }: { line: WorkLine; presses: boolean }) {
  const store = useStore();
  const { id, label, state, who, planned, waitsFor, went, begins } = line;
  const now = (): string => new Date().toISOString();
  return (
    <li className="border-b border-rule py-1.5 flex flex-wrap gap-x-3 gap-y-1 items-baseline">
      <span className="grow basis-40">
        {label}
        <span className="text-faint text-[13px] block">
          {[who, went ?? planned, state === 'waits' && `after ${waitsFor.join(', ')}`]
            .filter(Boolean)
            .join(' · ')}
        </span>
      </span>
      {presses && state === 'can begin' && (
        <button
          className="button"
          aria-label={`Begin: ${label}`}
          onClick={() =>
            store.editPlan(`Begin: ${label}`.slice(0, 120), plan =>
              plan.put('workLog', id, { ...begins, begun: now() }),
            )
          }
        >
          Begin
        </button>
      )}
      {presses && state === 'under way' && (
        <button
          className="button"
          aria-label={`Done: ${label}`}
          onClick={() =>
            store.editPlan(`Done: ${label}`.slice(0, 120), plan => plan.put('workLog', id, 'done', now()))
          }
        >
          Done
        </button>
      )}
      {presses && went !== undefined && (
        <button
          className="link"
          aria-label={`Take back: ${label}`}
          onClick={() =>
            store.editPlan(`Take back: ${label}`.slice(0, 120), plan => plan.drop('workLog', id))
          }
        >
          Take back
        </button>
      )}
    </li>
  );
}
