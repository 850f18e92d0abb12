import { showMoney, type Bundle } from '@idle-satchel/core';
import type { WhatFits as Fits } from '@idle-satchel/core/searches';
import { useState } from 'react';
import { Heading } from '../../../ledger/Ledger.js';
import { NumberField } from '../../../ledger/NumberField.js';
import { useReading, useResult } from '../../../store/hooks.js';
import { useAsked } from '../../../workers/use-asked.js';
import { Sought } from '../Sought.js';

const readBy = ({ plan, venue, rules, kinds, shelf, claims }: Bundle) => [
  ...[plan, venue, rules],
  ...[kinds, shelf, claims],
];

const WORDS = {
  look: 'What fits',
  busy: 'Trying every way …',
  again: 'look again',
  take: 'Make the plan so',
};

/** What may be dropped, replaced, hired or bought used, so that the plan comes under a ceiling; what is lost is said. */
export function WhatFits() {
  const { currency } = useReading();
  const { money } = useResult('pack');
  const own = typeof money.ceiling?.value === 'number' ? money.ceiling.value : undefined;
  const [wished, setWished] = useState<number>();
  const ceiling = wished ?? own;
  const asked = useAsked('ceiling', ceiling === undefined ? {} : { ceiling }, readBy);
  const needed = Object.keys(money.needs).length > 0;
  return (
    <section aria-label="What fits" className="pt-3">
      <Heading>What fits</Heading>
      {!needed && <p className="text-faint">Nothing must be come by, so everything fits.</p>}
      {needed && (
        <>
          <NumberField
            label={`Ceiling to try, ${currency ?? 'no currency yet'}`}
            unit=""
            value={ceiling}
            min={0}
            max={1e9}
            optional
            onCommit={setWished}
          />
          <Sought
            asked={asked}
            can={ceiling !== undefined}
            words={WORDS}
            beside={ceiling === undefined && <span className="text-faint">Say what may be spent first.</span>}
            said={answer => <Answer of={answer} />}
          />
        </>
      )}
    </section>
  );
}

function Answer({ of }: { of: Fits }) {
  const { currency, dates } = useReading();
  const { cost, left, proven, lines, without, lost, brings, unpriced } = of;
  const sum = (amount: number): string => showMoney(amount, currency, dates);
  const stops = brings.filter(({ severity }) => severity === 'stop');
  return (
    <div className="py-1">
      <p>
        {sum(cost)} with what is kept for leads and spares; {sum(left)} left.{' '}
        <span className="text-faint">{proven ? 'Nothing better fits.' : 'There may be a better way.'}</span>
      </p>
      <Part head="Lost" none="nothing that is on air">
        {lost.map(({ label, sort }, i) => (
          <li key={i} className={sort === 'output' ? 'text-stop' : 'text-risk'}>
            {label}
          </li>
        ))}
      </Part>
      <Part head="Go without" none="nothing">
        {without.map(({ line, label }) => (
          <li key={line}>{label}</li>
        ))}
      </Part>
      <Part head="Come by" none="nothing">
        {lines.map(({ line, label, way, cost: own }) => (
          <li key={line} className="flex gap-3">
            <span className="grow">
              {label} <span className="text-faint">{way}</span>
            </span>
            <span>{own === null ? 'not known' : sum(own)}</span>
          </li>
        ))}
      </Part>
      {stops.length > 0 && (
        <Part head="Stops that it brings" none="">
          {stops.map(({ title }) => (
            <li key={title} className="text-stop">
              <span aria-hidden>◆ </span>
              {title}
            </li>
          ))}
        </Part>
      )}
      {unpriced.length > 0 && (
        <p className="text-risk text-[13px]">
          Counted as nothing, since no price is known: {unpriced.join(', ')}.
        </p>
      )}
    </div>
  );
}

function Part({
  head,
  none,
  children,
}: {
  head: string;
  none: string;
  children: readonly React.ReactNode[];
}) {
  return (
    <>
      <h3 className="pt-1">{head}</h3>
      {children.length === 0 ? (
        <p className="text-faint text-[13px]">{none}</p>
      ) : (
        <ul className="text-[13px]">{children}</ul>
      )}
    </>
  );
}
