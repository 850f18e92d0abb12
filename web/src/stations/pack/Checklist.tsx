import { freeItems, type PackLine } from '@idle-satchel/core';
import { groupedLines, GROUPINGS, whyListed, type Grouping } from '@idle-satchel/core/pack-list';
import { Suspense, useState } from 'react';
import { FigureRow } from '../../ledger/Ledger.js';
import { useEvent, useOpenEvent, usePlan, useStore } from '../../store/hooks.js';
import { fetched } from '../../ui/fetched.js';
import { STATION_WORDS } from '../../ui/station-words.js';
import { TravelsIn } from './TravelsIn.js';

const ExtraLines = fetched(() => import('./ExtraLines.js'));
const SincePrinted = fetched(() => import('./SincePrinted.js'));

const BY = Object.keys(GROUPINGS) as Grouping[];

/** The gear checklist in groups, each line with why it is there. */
export function Checklist() {
  const bundle = useEvent(state => state.bundle);
  const assessment = useEvent(state => state.assessment);
  const [by, setBy] = useState<Grouping>('type');
  const [asked, setAsked] = useState<string>();
  const groups = groupedLines(bundle, assessment, by);
  return (
    <>
      <p className="flex flex-wrap gap-x-4 gap-y-2 mb-3 items-baseline">
        <label>
          Grouped by{' '}
          <select
            className="field"
            value={by}
            onChange={event => setBy(BY.find(each => each === event.target.value) ?? 'type')}
          >
            {BY.map(each => (
              <option key={each} value={each}>
                {GROUPINGS[each]}
              </option>
            ))}
          </select>
        </label>
        <Suspense>
          <ExtraLines />
        </Suspense>
      </p>
      <Suspense>
        <SincePrinted />
      </Suspense>
      {groups.map(({ heading, lines }) => (
        <div key={heading} className="mb-5">
          <h2>{heading}</h2>
          <table className="table-fixed">
            <thead>
              <tr>
                <th className="w-14 !text-right">Count</th>
                <th className="w-28">Tape</th>
                <th>What</th>
                <th>For</th>
                <th className="w-32">Travels in</th>
                <th className="w-12">
                  <span className="sr-only">Why</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {lines.map(([id, line]) => (
                <Line
                  key={id}
                  id={id}
                  line={line}
                  open={asked === id}
                  onWhy={() => setAsked(asked === id ? undefined : id)}
                />
              ))}
            </tbody>
          </table>
        </div>
      ))}
      {groups.length === 0 && <p className="text-faint">Nothing to pack: the design is empty.</p>}
    </>
  );
}

function Line({ id, line, open, onWhy }: { id: string; line: PackLine; open: boolean; onWhy: () => void }) {
  return (
    <>
      <tr>
        <td className="text-right">{line.count}</td>
        <td>
          {line.tape ? (
            <span className="tape tape-small">{line.tape}</span>
          ) : (
            <ItemChoice id={id} kind={line.kind} />
          )}
        </td>
        <td>{line.label}</td>
        <td className="text-faint">{line.purpose}</td>
        <td className="text-faint">
          <TravelsIn id={id} line={line} />
        </td>
        <td className="text-right">
          <button
            className="link text-faint"
            aria-expanded={open}
            aria-label={`Why ${line.tape ?? line.label} is on the list`}
            onClick={onWhy}
          >
            why
          </button>
        </td>
      </tr>
      {open && (
        <tr>
          <td colSpan={6}>
            <WhyWords id={id} line={line} />
          </td>
        </tr>
      )}
    </>
  );
}

function WhyWords({ id, line }: { id: string; line: PackLine }) {
  const { go } = useOpenEvent();
  const bundle = useEvent(state => state.bundle);
  const assessment = useEvent(state => state.assessment);
  const { words, station, figure } = whyListed(bundle, assessment, id, line);
  return (
    <div className="pb-2">
      <p>
        {words}{' '}
        {station && station !== 'pack' && (
          <button className="link" onClick={() => go(station)}>
            See it in {STATION_WORDS[station]}
          </button>
        )}
      </p>
      {figure && <FigureRow figure={figure} />}
    </div>
  );
}

/** Sets a free item of the right kind aside for a device. */
function ItemChoice({ id, kind }: { id: string; kind: string | undefined }) {
  const store = useStore();
  const shelf = useEvent(state => state.bundle.shelf);
  const devices = usePlan(plan => plan.devices);
  const claims = useEvent(state => state.bundle.claims);
  const free = kind === undefined ? [] : freeItems(shelf, kind, devices, claims);
  if (!devices?.[id] || free.length === 0) return <span className="text-risk">◇ wanted</span>;
  return (
    <select
      className="field w-full"
      aria-label={`Item for ${devices[id].label}`}
      value=""
      onChange={event =>
        store.editPlan('Set an item aside', plan => plan.put('devices', id, 'item', event.target.value))
      }
    >
      <option value="">choose</option>
      {free.map(item => (
        <option key={item} value={item}>
          {shelf.items[item]?.tape}
        </option>
      ))}
    </select>
  );
}
