import { CABLE_MAKES_BY_CONNECTOR, MAKE_WORDS, numberOf, reachIsGood } from '@idle-satchel/core';
import { useFlags } from '../../ledger/flags.js';
import { FigureRow, Heading } from '../../ledger/Ledger.js';
import { usePlan, useResult, useStore } from '../../store/hooks.js';
import { OnSite } from './OnSite.js';
import { OtherWays } from './OtherWays.js';
import { RunProfilePicture } from './RunProfile.js';
import { WaysOut } from './WaysOut.js';

/** One lead: its way, its length, how far it carries, its cables; other ways, ways out, and what is found on site. */
export function RunLedger({ id }: { id: string }) {
  const store = useStore();
  const run = useResult('runs').runs[id];
  const link = usePlan(plan => plan.links?.[id]);
  const flag = useFlags();
  if (!run) return null;
  const path = (name: string): string => `runs.runs.${id}.${name}`;
  const row = (label: string, name: keyof typeof run & FigureName, always = true) => {
    const figure = run[name];
    if (!always && (numberOf(figure) ?? 0) === 0) return null;
    return <FigureRow label={label} figure={figure} path={path(name)} flag={flag(path(name))} />;
  };
  const makes = CABLE_MAKES_BY_CONNECTOR[run.connector] ?? [];
  const over = run.crossings.map(zone =>
    zone.kind === 'aisle' ? `ramp over ${zone.label}` : `overhead at ${zone.label}`,
  );
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
              store.patchPlan('Choose a make of cable', [
                { op: 'add', path: `/links/${id}/make`, value: event.target.value },
                ...(link?.cables ? [{ op: 'remove' as const, path: `/links/${id}/cables` }] : []),
              ])
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
      <FigureRow
        label="On the floor"
        figure={run.onFloor}
        path={path('onFloor')}
        flag={flag(path('onFloor'))}
      >
        {over.join(', ')}
      </FigureRow>
      {row('Between floors', 'between', false)}
      {row('Rises at both ends', 'rises')}
      {row('Tails', 'tails')}
      {row('Up and over doors', 'overhead', false)}
      {row(link?.measured === undefined ? 'Length with slack' : 'Length as measured', 'length')}
      {row('Carries by the house rule', 'limit')}
      {row('Cable', 'cable')}
      {row('Its length', 'cableLength')}
      {row('Joints', 'joints', false)}
      {row('Left over', 'excess')}
      {run.wanted.value !== null && row('To buy or hire', 'wanted')}
      {row('Reach', 'reach')}
      {!reachIsGood(run.reach) && <WaysOut id={id} label={run.label} />}
      <OtherWays id={id} label={run.label} />
      <OnSite id={id} />
    </section>
  );
}

type FigureName =
  | ('onFloor' | 'between' | 'rises' | 'tails' | 'overhead' | 'length' | 'limit' | 'cable')
  | ('cableLength' | 'joints' | 'excess' | 'wanted' | 'reach');
