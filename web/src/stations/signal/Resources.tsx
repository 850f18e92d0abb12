import { RESOURCE_WORDS, RESOURCES, numberOf, type Figure } from '@idle-satchel/core';
import { Heading } from '../../ledger/Ledger.js';
import { useOpenEvent, usePlan, useResult, useUi } from '../../store/hooks.js';
import { FigureRow } from '../../ledger/Ledger.js';

/** Everything of Signal that can run out: used, there and spare. */
export function Resources() {
  const { countables } = useResult('signal');
  const devices = usePlan(plan => plan.devices);
  const all = Object.entries(countables);
  if (all.length === 0) return null;
  return (
    <section aria-label="What can run out">
      <Heading>What can run out</Heading>
      <table>
        <thead>
          <tr>
            <th>Of what</th>
            <th className="text-right">Used</th>
            <th className="text-right">Have</th>
            <th className="text-right">Spare</th>
          </tr>
        </thead>
        {all.map(([id, counts]) => (
          <tbody key={id}>
            <tr>
              <th colSpan={4} scope="rowgroup">
                {devices?.[id]?.label ?? '?'}
              </th>
            </tr>
            {RESOURCES.map(name => {
              const count = counts[name];
              if (!count) return null;
              const short = (numberOf(count.spare) ?? 0) < 0;
              return (
                <tr key={name} className={short ? 'text-stop' : undefined}>
                  <td>
                    {short && <span aria-hidden>◆ </span>}
                    {RESOURCE_WORDS[name][1]}
                  </td>
                  {(['used', 'have', 'spare'] as const).map(part => (
                    <Cell key={part} figure={count[part]} name={`${RESOURCE_WORDS[name][1]}, ${part}`} />
                  ))}
                </tr>
              );
            })}
          </tbody>
        ))}
      </table>
      <OpenWorking />
    </section>
  );
}

function Cell({ figure, name }: { figure: Figure; name: string }) {
  const { ui } = useOpenEvent();
  const { path } = figure;
  const open = useUi(state => state.working) === path;
  return (
    <td className="text-right">
      <button
        className="link"
        data-figure={path}
        aria-expanded={open}
        aria-label={`${name}: ${String(figure.value ?? 'not known')}`}
        onClick={() => ui.set({ working: open ? undefined : path })}
      >
        {String(figure.value ?? '–')}
      </button>
    </td>
  );
}

/** The working of the count that was asked about, beneath the table. */
function OpenWorking() {
  const { countables } = useResult('signal');
  const path = useUi(state => state.working);
  const [, , device = '', name = '', part = ''] = path?.startsWith('signal.countables.')
    ? path.split('.')
    : [];
  const count = countables[device]?.[name as (typeof RESOURCES)[number]];
  const figure = count?.[part as keyof typeof count];
  return figure ? (
    <FigureRow label={`${RESOURCE_WORDS[name as (typeof RESOURCES)[number]][1]}, ${part}`} figure={figure} />
  ) : null;
}
