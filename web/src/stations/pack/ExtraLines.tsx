import { inOrder, newId, type ExtraLine } from '@idle-satchel/core';
import { RECORD_FORMS } from '@idle-satchel/core/record-forms';
import { extraPatch, kitPatch, kitsToTake } from '@idle-satchel/core/pack-list';
import { useState } from 'react';
import { RecordForm } from '../../ledger/RecordForm.js';
import { useEvent, usePlan, useReading, useResult, useStore } from '../../store/hooks.js';
import { Dialog } from '../../ui/Dialog.js';

/** Lines that people add to the list, each with a reason. */
export default function ExtraLines() {
  const extras = usePlan(plan => plan.extras);
  const [open, setOpen] = useState(false);
  const count = Object.keys(extras ?? {}).length;
  return (
    <>
      <button className="link" onClick={() => setOpen(true)}>
        Lines of your own{count > 0 ? ` (${count})` : ''}
      </button>
      {open && <OwnLines onClose={() => setOpen(false)} />}
    </>
  );
}

function OwnLines({ onClose }: { onClose: () => void }) {
  const store = useStore();
  const extras = usePlan(plan => plan.extras);
  const { system } = useReading();
  const kinds = useEvent(({ bundle }) => bundle.kinds.kinds);
  const items = useEvent(({ bundle }) => bundle.shelf.items);
  const [edited, setEdited] = useState<string>();
  const named = (path: string): readonly (readonly [string, string])[] =>
    path === 'kind'
      ? inOrder(kinds).map(([id, { label }]) => [id, label] as const)
      : inOrder(items).map(([id, { tape }]) => [id, tape] as const);
  const keep = (id: string, { order: _order, ...line }: ExtraLine): void => {
    store.patchPlan(`Take along: ${line.label}`.slice(0, 120), extraPatch(store.get().bundle.plan, id, line));
    setEdited(undefined);
  };
  return (
    <Dialog title="Lines of your own" onClose={onClose}>
      <p className="text-faint pb-2">
        What the plan does not say by itself: gaffer for the host, a kettle, a spare laptop.
      </p>
      <ul>
        {inOrder(extras).map(([id, line]) => (
          <li key={id} className="border-b border-rule py-1">
            {edited === id ? (
              <RecordForm
                name={line.label}
                form={RECORD_FORMS.extra}
                record={line}
                named={named}
                system={system}
                keep="Keep"
                onKeep={record => keep(id, record as ExtraLine)}
                onTakeOut={() => {
                  store.editPlan(`Leave here: ${line.label}`.slice(0, 120), plan => plan.drop('extras', id));
                  setEdited(undefined);
                }}
              />
            ) : (
              <span className="flex gap-3">
                <span className="grow">
                  {line.count} × {line.label} <span className="text-faint">{line.reason}</span>
                </span>
                <button className="link" aria-label={`Change ${line.label}`} onClick={() => setEdited(id)}>
                  Change
                </button>
              </span>
            )}
          </li>
        ))}
      </ul>
      <WholeKits />
      {edited === undefined && (
        <RecordForm
          key={Object.keys(extras ?? {}).length}
          name="One more line"
          form={RECORD_FORMS.extra}
          record={{ count: 1, group: 'Desk' }}
          besides={{ order: '' }}
          named={named}
          system={system}
          keep="Add it"
          onKeep={record => keep(newId(), record as ExtraLine)}
        />
      )}
    </Dialog>
  );
}

/** Kits of the shelf that are taken along as a whole. */
function WholeKits() {
  const store = useStore();
  const shelf = useEvent(({ bundle }) => bundle.shelf);
  const { lines } = useResult('pack');
  const kits = kitsToTake(shelf, lines);
  if (kits.length === 0) return null;
  return (
    <section aria-label="Kits as a whole" className="py-2">
      <h3>Kits as a whole</h3>
      {kits.map(([kit, left]) => (
        <p key={kit} className="flex gap-3 items-baseline">
          <span className="grow">
            {kit}{' '}
            <span className="text-faint">
              {left === 0 ? 'all that is ready is on the list' : `${left} ready and not on the list yet`}
            </span>
          </span>
          {left > 0 && (
            <button
              className="link"
              aria-label={`Take ${kit} along`}
              onClick={() =>
                store.patchPlan(`Take along: ${kit}`.slice(0, 120), kitPatch(store.get().bundle, lines, kit))
              }
            >
              Take it along
            </button>
          )}
        </p>
      ))}
    </section>
  );
}
