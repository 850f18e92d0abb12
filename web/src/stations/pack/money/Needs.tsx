import { NEED_WAYS, needPatch, type NeedResult } from '@idle-satchel/core/money';
import { showCalendarDay, showText, type Figure } from '@idle-satchel/core';
import { Suspense, useState } from 'react';
import { useReading, useResult, useStore } from '../../../store/hooks.js';
import { fetched } from '../../../ui/fetched.js';

const NeedPanel = fetched(() => import('./NeedPanel.js'));

/** Lines that the shelf cannot supply: how each is come by, and what that costs. */
export function Needs() {
  const { needs } = useResult('pack').money;
  const [open, setOpen] = useState<string>();
  const lines = Object.entries(needs);
  return (
    <section aria-label="To come by" className="mb-6">
      <h2>To come by</h2>
      {lines.length === 0 ? (
        <p className="text-faint py-1">The shelf has everything that this event takes.</p>
      ) : (
        <table className="table-fixed">
          <thead>
            <tr>
              <th>What</th>
              <th className="w-12 !text-right">Count</th>
              <th className="w-40">How</th>
              <th className="w-28 !text-right">Price of one</th>
              <th className="w-28 !text-right">Costs</th>
              <th className="w-16">
                <span className="sr-only">More</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {lines.map(([id, need]) => (
              <Line
                key={id}
                id={id}
                need={need}
                open={open === id}
                onOpen={() => setOpen(open === id ? undefined : id)}
              />
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}

function Line({
  id,
  need,
  open,
  onOpen,
}: {
  id: string;
  need: NeedResult;
  open: boolean;
  onOpen: () => void;
}) {
  const store = useStore();
  const reading = useReading();
  const { label, purpose, count, why, way, decided, about, each, cost, from, delivery } = need;
  const name = purpose === '' ? label : `${label} for ${purpose}`;
  return (
    <>
      <tr>
        <td>
          {label}
          <span className="block text-faint text-[12.5px]">
            {[
              ...(purpose === '' ? [] : [purpose]),
              why,
              ...(from === undefined ? [] : [`from ${from}`]),
              ...(delivery === undefined ? [] : [`comes on ${showCalendarDay(delivery, reading.dates)}`]),
            ].join(' · ')}
          </span>
        </td>
        <td className="text-right">{count}</td>
        <td>
          <select
            className="field w-full"
            aria-label={`How to come by ${name}`}
            value={decided ? way : ''}
            onChange={event =>
              store.patchPlan(
                'Say how to come by it',
                needPatch(store.get().bundle.plan, id, {
                  way: NEED_WAYS.find(each => each === event.target.value),
                }),
              )
            }
          >
            <option value="">{way === undefined ? 'not said' : `${way} (usual)`}</option>
            {NEED_WAYS.map(each => (
              <option key={each} value={each}>
                {each}
              </option>
            ))}
          </select>
        </td>
        <td className="text-right">
          <Sum figure={each} words={about ? 'about' : way === 'hire' ? 'a day' : undefined} />
        </td>
        <td className="text-right">
          <Sum figure={cost} />
        </td>
        <td className="text-right">
          <button className="link" aria-expanded={open} aria-label={`More of ${name}`} onClick={onOpen}>
            {open ? 'less' : 'more'}
          </button>
        </td>
      </tr>
      {open && (
        <tr>
          <td colSpan={6}>
            <Suspense>
              <NeedPanel id={id} need={need} />
            </Suspense>
          </td>
        </tr>
      )}
    </>
  );
}

/** A sum, or why it is not known. */
export function Sum({ figure, words }: { figure: Figure | undefined; words?: string | undefined }) {
  const reading = useReading();
  if (figure === undefined) return <span className="text-faint">–</span>;
  if (figure.value === null)
    return <span className="text-risk text-[12.5px]">{figure.why ?? 'not known'}</span>;
  return (
    <>
      {words && <span className="text-faint text-[12.5px] block">{words}</span>}
      {showText(figure.value, figure.unit, reading)}
    </>
  );
}
