import {
  CURRENCIES,
  inOrder,
  newId,
  showCalendarDay,
  type ExchangeRate,
  type MoneyRules,
} from '@idle-satchel/core';
import { moneyRulesPatch } from '@idle-satchel/core/money';
import { RECORD_FORMS } from '@idle-satchel/core/record-forms';
import { useState } from 'react';
import { RecordForm } from '../../../ledger/RecordForm.js';
import { useEvent, useReading, useStore } from '../../../store/hooks.js';

/** How the house reckons with money: for every event of it. */
export function HouseMoney() {
  const store = useStore();
  const reading = useReading();
  const rules = useEvent(({ bundle }) => bundle.rules);
  const [adding, setAdding] = useState(false);
  const change = (label: string, of: Parameters<typeof moneyRulesPatch>[1]): void =>
    store.commit(label, [{ document: 'rules', patch: moneyRulesPatch(store.get().bundle.rules, of) }]);
  const { rates, ...plain } = rules.money ?? {};
  const withRates = (next: MoneyRules['rates']): MoneyRules => ({ ...plain, ...(next && { rates: next }) });
  return (
    <details className="mb-6">
      <summary>Money of the house: currency, tax, rates, what is kept and what things fetch</summary>
      <p className="text-faint py-1">This holds for every event of {rules.organisation}.</p>
      <label className="flex gap-4 py-1 border-b border-rule items-baseline">
        <span className="grow">Currency</span>
        <select
          className="field"
          value={rules.currency ?? ''}
          onChange={event => {
            const currency = CURRENCIES.find(each => each === event.target.value);
            if (currency) change('Currency of the house', { currency });
          }}
        >
          <option value="" disabled>
            not said
          </option>
          {CURRENCIES.map(each => (
            <option key={each} value={each}>
              {each}
            </option>
          ))}
        </select>
      </label>
      <RecordForm
        key={JSON.stringify(plain)}
        name="Money of the house"
        form={RECORD_FORMS.house}
        record={plain}
        system={reading.system}
        keep="Keep"
        onKeep={record => change('Money of the house', { money: { ...record, ...(rates && { rates }) } })}
      />
      <h3>Rates</h3>
      <ul className="text-[13px]">
        {inOrder(rates).map(([id, { currency, rate, on, source }]) => (
          <li key={id} className="border-b border-rule py-0.5 flex gap-3">
            <span className="grow">
              1 {currency} = {rate} {rules.currency ?? ''}
              <span className="text-faint">
                {['', showCalendarDay(on, reading.dates), ...(source === undefined ? [] : [source])].join(
                  ' · ',
                )}
              </span>
            </span>
            <button
              className="link"
              aria-label={`Take out the rate of ${currency}`}
              onClick={() => {
                const { [id]: _gone, ...left } = rates ?? {};
                change('Without a rate', { money: withRates(left) });
              }}
            >
              Take out
            </button>
          </li>
        ))}
      </ul>
      {adding ? (
        <RecordForm
          name="A rate"
          form={RECORD_FORMS.rate}
          record={{}}
          system={reading.system}
          keep="Keep the rate"
          onKeep={record => {
            change('A rate', { money: withRates({ ...rates, [newId()]: record as ExchangeRate }) });
            setAdding(false);
          }}
        />
      ) : (
        <button className="link" onClick={() => setAdding(true)}>
          Add a rate
        </button>
      )}
    </details>
  );
}
