import { inOrder, newId, type Quote, type QuotePackage } from '@idle-satchel/core';
import { packagePatch, quotePatch, quoteSheet } from '@idle-satchel/core/quote';
import { RECORD_FORMS } from '@idle-satchel/core/record-forms';
import { useMemo, useState } from 'react';
import { RecordForm } from '../../../ledger/RecordForm.js';
import { SheetTable } from '../../../ledger/SheetTable.js';
import { useEvent, usePlan, useReading, useStore } from '../../../store/hooks.js';

/** What the client is offered: to whom, what by the day, what an hour of crew costs; and the sheet that is sent. */
export function QuoteView() {
  const store = useStore();
  const quote = usePlan(plan => plan.quote);
  const [open, setOpen] = useState(false);
  const { packages: _packages, ...plain } = quote ?? {};
  const { system, currency } = useReading();
  const keep = (record: Quote): void => {
    const cleared = Object.fromEntries(RECORD_FORMS.quote.fields.map(({ name }) => [name, undefined]));
    store.patchPlan(
      'What the client is offered',
      quotePatch(store.get().bundle.plan, { ...cleared, ...record }),
    );
    setOpen(false);
  };
  return (
    <section aria-label="Quote for a client" className="mb-6">
      <h2>Quote for a client</h2>
      <p className="text-faint pb-1">
        What you ask for the event: packages by the day, the crew by the hour, and its costs where you charge
        them.
      </p>
      <Packages />
      {open ? (
        <RecordForm
          name="What is offered, to whom"
          form={RECORD_FORMS.quote}
          record={{ ...(currency && { hourly: { currency } }), ...plain }}
          besides={{ packages: quote?.packages ?? {} }}
          system={system}
          keep="Keep"
          onKeep={record => keep(record)}
        />
      ) : (
        <button className="link py-1" onClick={() => setOpen(true)}>
          For whom, until when, hours of crew, discount and tax
        </button>
      )}
      {quote && <Sent />}
    </section>
  );
}

/** Packages, each to be changed in place, and one more. */
function Packages() {
  const store = useStore();
  const { system, currency } = useReading();
  const packages = usePlan(plan => plan.quote?.packages);
  const [edited, setEdited] = useState<string>();
  const put = (id: string, of: QuotePackage | undefined, label: string): void => {
    const { order: _order, ...offered } = of ?? { order: '' };
    store.patchPlan(
      label.slice(0, 120),
      packagePatch(store.get().bundle.plan, id, of && (offered as Omit<QuotePackage, 'order'>)),
    );
    setEdited(undefined);
  };
  return (
    <>
      <ul>
        {inOrder(packages).map(([id, each]) => (
          <li key={id} className="border-b border-rule py-0.5">
            {edited === id ? (
              <RecordForm
                name={each.label}
                form={RECORD_FORMS.package}
                record={each}
                system={system}
                keep="Keep"
                onKeep={record => put(id, record as QuotePackage, `Package: ${each.label}`)}
                onTakeOut={() => put(id, undefined, `Without the package ${each.label}`)}
              />
            ) : (
              <span className="flex gap-3">
                <span className="grow">
                  {each.label} <span className="text-faint">{each.what}</span>
                </span>
                <button className="link" aria-label={`Change ${each.label}`} onClick={() => setEdited(id)}>
                  Change
                </button>
              </span>
            )}
          </li>
        ))}
      </ul>
      {edited === 'new' ? (
        <RecordForm
          name="A package"
          form={RECORD_FORMS.package}
          record={{ ...(currency && { each: { currency } }) }}
          besides={{ order: '' }}
          system={system}
          keep="Add it"
          onKeep={record => put(newId(), record as QuotePackage, 'One more package')}
        />
      ) : (
        <button className="link py-1 mr-4" onClick={() => setEdited('new')}>
          Add a package
        </button>
      )}
    </>
  );
}

/** The sheet as it is sent. */
function Sent() {
  const bundle = useEvent(state => state.bundle);
  const assessment = useEvent(state => state.assessment);
  const sheet = useMemo(() => quoteSheet(bundle, assessment), [bundle, assessment]);
  return <SheetTable sheet={sheet} name="quote" />;
}
