import { inOrder, newId, showCalendarDay, showMoney, type KindPrice, type Need } from '@idle-satchel/core';
import { needPatch, pricePatch, type NeedResult } from '@idle-satchel/core/money';
import { RECORD_FORMS } from '@idle-satchel/core/record-forms';
import { usedChecks } from '@idle-satchel/core/after-use';
import { useState } from 'react';
import { FigureRows } from '../../../ledger/Ledger.js';
import { RecordForm } from '../../../ledger/RecordForm.js';
import { useEvent, usePlan, useReading, useResult, useStore } from '../../../store/hooks.js';
import { Verdicts } from '../../devices/Verdicts.js';
import { Substitutes } from './Substitutes.js';

/** All of a line that must be come by: its figures, what was agreed, prices of its kind, and what could stand in. */
export default function NeedPanel({ id, need }: { id: string; need: NeedResult }) {
  const store = useStore();
  const reading = useReading();
  const { prices } = useResult('pack').money;
  const said = usePlan(plan => plan.money?.needs?.[need.record ?? '']);
  const device = usePlan(plan => plan.devices?.[id]);
  const { each, cost, before, spare } = need;
  return (
    <div className="grid md:grid-cols-2 gap-x-8 py-2">
      <div>
        <FigureRows of={{ ...prices[need.kind ?? ''], each, cost, before, spare }} />
        {need.kind !== undefined && <Prices kind={need.kind} />}
        {need.kind !== undefined && <BuyingUsed kind={need.kind} />}
        {device && <Substitutes device={id} label={device.label} />}
      </div>
      <div>
        <h3>What was agreed</h3>
        <RecordForm
          key={JSON.stringify(said)}
          name={`What was agreed of ${need.label}`}
          form={RECORD_FORMS.need}
          record={said ?? {}}
          besides={{ line: id, ...(said?.way && { way: said.way }) }}
          system={reading.system}
          keep="Keep"
          onKeep={record => {
            const { line: _line, ...agreed } = record as Need;
            const { plan } = store.get().bundle;
            const cleared = Object.fromEntries(RECORD_FORMS.need.fields.map(({ name }) => [name, undefined]));
            store.patchPlan('Say what was agreed', needPatch(plan, id, { ...cleared, ...agreed }));
          }}
        />
      </div>
    </div>
  );
}

/** What to look at before one is bought used, and what came of the kind so far. */
function BuyingUsed({ kind }: { kind: string }) {
  const of = useEvent(({ bundle }) => bundle.kinds.kinds[kind]);
  const event = usePlan(plan => plan.label);
  if (!of) return null;
  return (
    <section aria-label="Before buying it used" className="pt-2">
      <details>
        <summary className="cursor-pointer">Before buying it used, and after use</summary>
        <ul className="text-[13px] list-disc pl-5">
          {usedChecks(of).map(each => (
            <li key={each}>{each}</li>
          ))}
        </ul>
        <Verdicts kind={kind} event={event} />
      </details>
    </section>
  );
}

/** Prices that were found of a kind, and one more. */
function Prices({ kind }: { kind: string }) {
  const store = useStore();
  const reading = useReading();
  const of = useEvent(({ bundle }) => bundle.kinds.kinds[kind]);
  const [adding, setAdding] = useState(false);
  const keep = (price: KindPrice): void => {
    const { kinds } = store.get().bundle;
    const patch = pricePatch(kinds, kind, newId(), price);
    store.commit(`A price of ${of?.label ?? 'a kind'}`.slice(0, 120), [{ document: 'kinds', patch }]);
    setAdding(false);
  };
  return (
    <section aria-label="Prices found" className="pt-2">
      <h3>Prices found</h3>
      <ul className="text-[13px]">
        {inOrder(of?.prices).map(([id, { sort, each, net, on, source }]) => (
          <li key={id} className="border-b border-rule py-0.5">
            {sort} {showMoney(each.amount, each.currency, reading.dates)}
            <span className="text-faint">
              {[
                '',
                ...(net ? ['tax on top'] : []),
                ...(on === undefined ? [] : [showCalendarDay(on, reading.dates)]),
                ...(source === undefined ? [] : [source]),
              ].join(' · ')}
            </span>
          </li>
        ))}
      </ul>
      {adding ? (
        <RecordForm
          name="A price"
          form={RECORD_FORMS.price}
          record={{ sort: 'new', ...(reading.currency && { each: { currency: reading.currency } }) }}
          system={reading.system}
          keep="Keep the price"
          onKeep={record => keep(record as KindPrice)}
        />
      ) : (
        <button className="link" onClick={() => setAdding(true)}>
          Add a price
        </button>
      )}
    </section>
  );
}
