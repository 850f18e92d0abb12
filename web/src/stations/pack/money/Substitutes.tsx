import { showMoney, showText, type Bundle } from '@idle-satchel/core';
import { WEIGHT_WORDS, type WeightName } from '@idle-satchel/core/weighing';
import type { Substitute } from '@idle-satchel/core/searches';
import { useOpenEvent, useReading } from '../../../store/hooks.js';
import { useAsked } from '../../../workers/use-asked.js';

const readBy = ({ plan, venue, rules, kinds, shelf, claims }: Bundle) => [
  ...[plan, venue, rules],
  ...[kinds, shelf, claims],
];

/** What can stand in for a device, each tried: what it brings and cures, and what it takes. */
export function Substitutes({ device, label }: { device: string; label: string }) {
  const { store } = useOpenEvent();
  const { found, fresh, busy, problem, look, putAway } = useAsked('substitutes', { device }, readBy);
  const take = ({ id }: Substitute): void => {
    const offer = found?.offers.find(each => each.id === id);
    if (offer) store.commit(`${offer.label}: ${label}`.slice(0, 120), offer.changes);
    putAway();
  };
  return (
    <section aria-label={`What can stand in for ${label}`} className="pt-2">
      <h3>What can stand in</h3>
      <button className="button" disabled={busy} onClick={look}>
        {busy ? 'Trying each …' : 'Try what there is'}
      </button>{' '}
      {problem && <span className="text-stop">It could not be worked out: {problem}</span>}
      {found && !fresh && <span className="text-faint">The plan has changed since: try again.</span>}
      {found && fresh && found.answer.substitutes.length === 0 && <p>Nothing is known that could.</p>}
      {found && fresh && (
        <ul>
          {found.answer.substitutes.map(each => (
            <li key={each.id} className="border-b border-rule py-1.5 flex gap-3 items-start">
              <SubstituteWords of={each} />
              <button
                className="button"
                aria-label={`Take ${each.tape ?? each.label}`}
                onClick={() => take(each)}
              >
                Take
              </button>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

const TOLD: readonly WeightName[] = ['kilos', 'watts', 'delay', 'people', 'minutes', 'adapters', 'leads'];

function SubstituteWords({ of }: { of: Substitute }) {
  const reading = useReading();
  const { label, tape, price, brings, cures, adapters, unplugged, differs } = of;
  const stops = brings.filter(({ severity }) => severity === 'stop');
  const risks = brings.filter(({ severity }) => severity === 'risk');
  return (
    <div className="grow">
      <div>
        {tape !== null && <span className="tape tape-small">{tape}</span>} {label}{' '}
        <span className="text-faint">
          {tape !== null
            ? 'on the shelf'
            : price === null
              ? 'no price is known'
              : `to buy: ${showMoney(price, reading.currency, reading.dates)}`}
        </span>
      </div>
      {stops.map(({ title }) => (
        <div key={title} className="text-stop text-[13px]">
          <span aria-hidden>◆ </span>
          <span className="sr-only">stop: </span>
          {title}
        </div>
      ))}
      {risks.map(({ title }) => (
        <div key={title} className="text-risk text-[13px]">
          <span aria-hidden>◇ </span>
          <span className="sr-only">risk: </span>
          {title}
        </div>
      ))}
      <div className="text-faint text-[13px]">
        {[
          ...(brings.length === 0 ? ['brings no snag'] : []),
          ...(cures.length > 0 ? [`cures ${cures.length}`] : []),
          ...adapters.map(each => `by ${each}`),
          ...unplugged.map(each => `no port for ${each}`),
          ...TOLD.flatMap(name => {
            const more = differs[name];
            if (more === undefined) return [];
            const { label: what, unit } = WEIGHT_WORDS[name];
            return [`${what}: ${more > 0 ? '+' : ''}${showText(more, unit, reading)}`];
          }),
        ].join(' · ')}
      </div>
    </div>
  );
}
