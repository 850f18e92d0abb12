import {
  CABLE_MAKES_BY_CONNECTOR,
  crossingWords,
  MAKE_WORDS,
  numberOf,
  reachIsGood,
  type Figure,
} from '@idle-satchel/core';
import { FigureRow, FigureRows, Heading } from '../../ledger/Ledger.js';
import { usePlan, useResult, useStore } from '../../store/hooks.js';
import { OnSite } from './OnSite.js';
import { OtherWays } from './OtherWays.js';
import { RunProfilePicture } from './RunProfile.js';
import { WaysOut } from './WaysOut.js';

/** One lead: its way, its length, how far it carries, its cables; other ways, ways out, and what is found on site. */
export default function RunLedger({ id }: { id: string }) {
  const store = useStore();
  const { runs, spans } = useResult('runs');
  const run = runs[id];
  const link = usePlan(plan => plan.links?.[id]);
  if (!run) return null;
  /** What is mostly nothing has no line then. */
  const some = (figure: Figure) => (numberOf(figure) ?? 0) !== 0 && <FigureRow figure={figure} />;
  const makes = CABLE_MAKES_BY_CONNECTOR[run.connector] ?? [];
  return (
    <section aria-label={run.label}>
      <Heading about={run.label}>Lead</Heading>
      {run.crosses && <RunProfilePicture id={id} run={run} />}
      {makes.length > 1 && (
        <label className="flex gap-2 py-1 border-b border-rule">
          <span className="grow">Make of cable</span>
          <select
            className="field"
            value={run.asked}
            onChange={event =>
              store.editPlan('Choose a make of cable', plan => {
                const edit = plan.put('links', id, 'make', event.target.value as (typeof makes)[number]);
                return link?.cables ? edit.drop('links', id, 'cables') : edit;
              })
            }
          >
            {makes.map(make => (
              <option key={make} value={make}>
                {MAKE_WORDS[make]}
              </option>
            ))}
          </select>
        </label>
      )}
      <FigureRow figure={run.onFloor}>{run.crossings.map(crossingWords).join(', ')}</FigureRow>
      {some(run.between)}
      <FigureRows of={{ rises: run.rises, tails: run.tails }} />
      {some(run.overhead)}
      <FigureRow figure={run.length} {...(link?.measured !== undefined && { label: 'Length as measured' })} />
      <FigureRows of={{ limit: run.limit, cable: run.cable, cableLength: run.cableLength }} />
      {some(run.joints)}
      <FigureRow figure={run.excess} />
      {some(run.wanted)}
      <FigureRow figure={run.reach} />
      {!reachIsGood(run.reach) && <WaysOut id={id} label={run.label} />}
      {Object.entries(spans)
        .filter(([, { leads }]) => leads.includes(id))
        .map(([end, { label, over, length, limit, reach }]) => (
          <section key={end} aria-label={`${label} over ${over}`}>
            <Heading about={`${label} over ${over}`}>Joined up</Heading>
            <FigureRows of={{ length, limit, reach }} />
          </section>
        ))}
      <OtherWays id={id} label={run.label} />
      <OnSite id={id} />
    </section>
  );
}
