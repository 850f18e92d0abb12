import { showText, type Bundle } from '@idle-satchel/core';
import { acceptCut } from '@idle-satchel/core/searches';
import { useEvent, useOpenEvent, useReading } from '../../store/hooks.js';
import { useAsked } from '../../workers/use-asked.js';

/** Only what leads hang on matters, and what there is to cut from. */
const cutFrom = ({ plan, shelf }: Bundle) => [plan.devices, plan.links, shelf];

/** All leads cut from the owned cables together; nothing is done before it is accepted. */
export function CutAll() {
  const { store } = useOpenEvent();
  const reading = useReading();
  const plan = useEvent(({ bundle }) => bundle.plan);
  const { found, fresh, busy, problem, look, putAway } = useAsked('cut', {}, cutFrom);
  const metres = (value: number): string => showText(value, 'm', reading);
  const edit = fresh && found ? acceptCut(found.answer, plan) : [];
  const accept = (): void => {
    store.patchPlan('Cut the leads from the stock', edit);
    putAway();
  };
  const { cost, cuts, laid } = found?.answer ?? { cost: undefined, cuts: [], laid: [] };
  const changed = cuts.filter(({ now, next }) => now !== next);
  return (
    <section aria-label="Cut from the stock" className="py-1">
      <button className="button" disabled={busy} onClick={look}>
        {busy ? 'Cutting …' : 'Cut all from the stock'}
      </button>{' '}
      {problem && <span className="text-stop">It could not be worked out: {problem}</span>}
      {found && !fresh && <span className="text-faint">Something has changed since: cut again.</span>}
      {found && fresh && cost && (
        <div className="border-l-3 border-brass bg-shade px-3 py-2 mt-2 text-[13.5px]">
          <p>
            {cuts.length} leads: {cost.joins} {cost.joins === 1 ? 'joint' : 'joints'}, {metres(cost.excess)}{' '}
            left over
            {cost.bought > 0 && <span className="text-risk">, {cost.bought} to buy or hire</span>}. Nothing is
            better.
          </p>
          {laid.length > 0 && <p className="text-faint">{laid.length} are laid already and stay.</p>}
          {changed.length > 0 && (
            <table>
              <thead>
                <tr>
                  <th>Lead</th>
                  <th>Needs</th>
                  <th>Now</th>
                  <th>Then</th>
                </tr>
              </thead>
              <tbody>
                {changed.map(cut => (
                  <tr key={cut.link}>
                    <td>{cut.label}</td>
                    <td className="text-right whitespace-nowrap">{metres(cut.length)}</td>
                    <td className="text-faint">{cut.now || 'none'}</td>
                    <td className={cut.next === '' ? 'text-risk' : ''}>
                      {cut.next ||
                        (cut.buy === undefined
                          ? 'nothing is long enough'
                          : `buy or hire ${cut.makeWords}, ${metres(cut.buy)}`)}
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          )}
          {changed.length === 0 && <p>The cables are the best already.</p>}
          <p className="flex gap-2 pt-1">
            {edit.length > 0 && (
              <button className="button button-main" onClick={accept}>
                {changed.length > 0 ? 'Accept' : 'Keep them so'}
              </button>
            )}
            <button className="button" onClick={putAway}>
              {edit.length > 0 ? 'Leave it' : 'Close'}
            </button>
          </p>
        </div>
      )}
    </section>
  );
}
