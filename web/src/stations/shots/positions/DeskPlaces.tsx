import { showText, type Bundle } from '@idle-satchel/core';
import { useReading, useStore } from '../../../store/hooks.js';
import { useAsked } from '../../../workers/use-asked.js';

const all = (bundle: Bundle) => [bundle];

/** Where the desk could go: the best places and where it stands, side by side. */
export function DeskPlaces() {
  const store = useStore();
  const reading = useReading();
  const { found, fresh, busy, problem, look } = useAsked('desk', {}, all);
  const metres = (value: number | undefined): string =>
    value === undefined ? '–' : showText(value, 'm', reading);
  return (
    <section aria-label="Desk places" className="pt-4">
      <h2>Where the desk goes</h2>
      <p className="py-1">
        <button className="button" disabled={busy} onClick={look}>
          Compare places
        </button>{' '}
        <span role="status" className="text-faint">
          {busy ? 'Looking …' : found && !fresh ? 'The plan has changed since.' : ''}
        </span>
        {problem && <span className="text-stop">They could not be compared: {problem}</span>}
      </p>
      {found?.answer.length === 0 && <p>No floor is free for a table with somebody at it.</p>}
      {found && !found.answer.some(({ now }) => now) && found.answer.length > 0 && (
        <p>Nothing stands there yet: a table is put down, and new gear stands at it.</p>
      )}
      {found && found.answer.length > 1 && found.offers.length === 0 && (
        <p>New gear stands at the desk of the house until something that mixes is put elsewhere.</p>
      )}
      {found && found.answer.length > 0 && (
        <div className="overflow-x-auto">
          <table className="w-full text-[13px]">
            <thead>
              <tr className="text-faint text-left border-b border-ink">
                {['Place', 'Leads', 'Sound', 'Socket', 'Sees', 'In shot', ''].map(words => (
                  <th key={words} scope="col" className="font-normal py-1 pr-2">
                    {words}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody className="tabular-nums">
              {found.answer.map(place => {
                const { id, at, area, now, leads, sound, socket, seen, marks, pictures } = place;
                const offer = found.offers.find(each => each.id === id);
                const words = now ? 'where it is' : (area ?? `${metres(at[0])}, ${metres(at[1])}`);
                return (
                  <tr key={id} className={`border-b border-rule ${now ? 'bg-shade' : ''}`}>
                    <th scope="row" className="font-normal text-left py-1 pr-2 border-rule">
                      {words}
                    </th>
                    <td className="pr-2">{metres(leads)}</td>
                    <td className="pr-2">{metres(sound)}</td>
                    <td className="pr-2">{metres(socket)}</td>
                    <td className="pr-2">
                      {seen} of {marks}
                    </td>
                    <td className={`pr-2 ${pictures > 0 ? 'text-risk font-bold' : ''}`}>{pictures}</td>
                    <td>
                      {offer && (
                        <button
                          className="link"
                          aria-label={offer.label}
                          disabled={!fresh}
                          title={fresh ? undefined : 'The plan has changed: look again'}
                          onClick={() => store.commit(offer.label.slice(0, 120), offer.changes)}
                        >
                          {found.answer.some(each => each.now) ? 'Move' : 'Put it here'}
                        </button>
                      )}
                    </td>
                  </tr>
                );
              })}
            </tbody>
          </table>
        </div>
      )}
    </section>
  );
}
