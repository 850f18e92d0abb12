import { isFigure } from '@idle-satchel/core';
import { moneyPatch } from '@idle-satchel/core/money';
import { FigureRows, Heading } from '../../../ledger/Ledger.js';
import { NumberField } from '../../../ledger/NumberField.js';
import { usePlan, useReading, useResult, useStore } from '../../../store/hooks.js';
import { WhatFits } from './WhatFits.js';

/** The sums, what may be spent, and what fits in it. */
export default function MoneyAside() {
  const store = useStore();
  const { currency } = useReading();
  const { money } = useResult('pack');
  const ceiling = usePlan(plan => plan.money?.ceiling);
  const hireDays = usePlan(plan => plan.money?.hireDays);
  const sums = Object.fromEntries(Object.entries(money).filter(([, each]) => isFigure(each)));
  const plan = () => store.get().bundle.plan;
  const own = ceiling?.currency ?? currency;
  return (
    <section aria-label="Money">
      <Heading>Money</Heading>
      <NumberField
        label={`May be spent on gear, ${own ?? 'no currency yet'}`}
        unit=""
        value={ceiling?.amount}
        min={0}
        max={1e9}
        optional
        onCommit={amount => {
          if (own === undefined) return;
          const next = amount === undefined ? undefined : { amount, currency: own };
          store.patchPlan('Say what may be spent', moneyPatch(plan(), 'ceiling', next));
        }}
      />
      <NumberField
        label="Hired for"
        unit="days"
        value={hireDays}
        min={1}
        max={366}
        optional
        onCommit={days => store.patchPlan('Days of hire', moneyPatch(plan(), 'hireDays', days))}
      />
      {own === undefined && (
        <p className="text-risk text-[13px]">Say below which currency the house reckons in.</p>
      )}
      <FigureRows of={sums} />
      <WhatFits />
    </section>
  );
}
