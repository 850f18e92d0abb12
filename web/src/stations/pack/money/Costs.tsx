import { inOrder, newId, type EventCost } from '@idle-satchel/core';
import { costPatch } from '@idle-satchel/core/money';
import { RECORD_FORMS } from '@idle-satchel/core/record-forms';
import { useState } from 'react';
import { FigureRows } from '../../../ledger/Ledger.js';
import { RecordForm } from '../../../ledger/RecordForm.js';
import { usePlan, useReading, useResult, useStore } from '../../../store/hooks.js';
import { Sum } from './Needs.js';

/** What the event costs beside its gear. */
export function Costs() {
  const store = useStore();
  const reading = useReading();
  const { costs } = useResult('pack').money;
  const records = usePlan(plan => plan.money?.costs);
  const [open, setOpen] = useState<string>();
  const keep = (id: string, { order: _order, ...cost }: EventCost): void => {
    store.patchPlan(`Cost: ${cost.label}`.slice(0, 120), costPatch(store.get().bundle.plan, id, cost));
    setOpen(undefined);
  };
  const fresh = { sort: 'travel', ...(reading.currency && { each: { currency: reading.currency } }) };
  return (
    <section aria-label="Costs of the event" className="mb-6">
      <h2>Costs of the event</h2>
      <table className="table-fixed">
        <thead>
          <tr>
            <th>What for</th>
            <th className="w-28">It is</th>
            <th className="w-32 !text-right">How many</th>
            <th className="w-28 !text-right">Costs</th>
            <th className="w-16">
              <span className="sr-only">More</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {inOrder(records).map(([id, record]) => {
            const of = costs[id];
            const isOpen = open === id;
            return (
              <CostLine
                key={id}
                record={record}
                open={isOpen}
                onOpen={() => setOpen(isOpen ? undefined : id)}
                many={
                  <Sum figure={of?.gigabytes ?? of?.hours ?? of?.kilometres ?? of?.rolls ?? of?.pieces} />
                }
                sum={<Sum figure={of?.cost} />}
              >
                <FigureRows of={{ ...of }} />
                <RecordForm
                  key={JSON.stringify(record)}
                  name={`Cost: ${record.label}`}
                  form={RECORD_FORMS.cost}
                  record={record}
                  system={reading.system}
                  keep="Keep"
                  onKeep={made => keep(id, made as EventCost)}
                  onTakeOut={() => {
                    store.editPlan(`Without: ${record.label}`, plan => plan.drop('money', 'costs', id));
                    setOpen(undefined);
                  }}
                />
              </CostLine>
            );
          })}
        </tbody>
      </table>
      {open === 'new' ? (
        <RecordForm
          name="A cost of the event"
          form={RECORD_FORMS.cost}
          record={fresh}
          besides={{ order: '' }}
          system={reading.system}
          keep="Add it"
          onKeep={made => keep(newId(), made as EventCost)}
        />
      ) : (
        <button className="link py-1" onClick={() => setOpen('new')}>
          Add a cost: data, a relay, batteries, tape, the way there
        </button>
      )}
    </section>
  );
}

function CostLine({
  record: { label, sort },
  open,
  onOpen,
  many,
  sum,
  children,
}: {
  record: EventCost;
  open: boolean;
  onOpen: () => void;
  many: React.ReactNode;
  sum: React.ReactNode;
  children: React.ReactNode;
}) {
  return (
    <>
      <tr>
        <td>{label}</td>
        <td className="text-faint">{sort}</td>
        <td className="text-right">{many}</td>
        <td className="text-right">{sum}</td>
        <td className="text-right">
          <button className="link" aria-expanded={open} aria-label={`More of ${label}`} onClick={onOpen}>
            {open ? 'less' : 'more'}
          </button>
        </td>
      </tr>
      {open && (
        <tr>
          <td colSpan={5}>{children}</td>
        </tr>
      )}
    </>
  );
}
