import { numberOf, PHASE_ORDER, showClock } from '@idle-satchel/core';
import { FigureRow, FigureRows, Heading, useWorkingKey } from '../../ledger/Ledger.js';
import { useEvent, useReading, useResult, useUi } from '../../store/hooks.js';
import { Suspense, type ReactNode } from 'react';
import { fetched } from '../../ui/fetched.js';
import { linear } from '../../ui/linear.js';
import { WhoDoesIt } from './WhoDoesIt.js';

const LoadBands = fetched(() => import('./LoadBands.js'));
const LeastCrew = fetched(() => import('./LeastCrew.js'));
const ReadyInTime = fetched(() => import('./ReadyInTime.js'));
const Breaks = fetched(() => import('./Breaks.js'));
const ScheduleBars = fetched(() => import('./ScheduleBars.js'));

/** Hands: the roles that the design asks for, who does them, and when they must come. */
export default function HandsStation() {
  useWorkingKey();
  const hands = useResult('hands');
  const selected = useUi(state => state.selected);
  return (
    <div className="grid md:grid-cols-[minmax(0,1.87fr)_minmax(320px,1fr)] max-md:grid-cols-[minmax(0,1fr)] min-h-full">
      <section aria-label="Roles" className="px-5 py-3">
        <h2>Roles</h2>
        <table>
          <thead>
            <tr>
              <th>Role</th>
              <th className="max-md:hidden">Why</th>
              <th className="max-md:hidden">Where and when</th>
              <th>Who</th>
            </tr>
          </thead>
          <tbody>
            {Object.values(hands.roles).map(role => (
              <tr key={role.key} className={role.key === selected ? 'bg-shade' : ''}>
                <td>
                  {role.filled.value === false && <span className="text-risk">◇ </span>}
                  {role.label}
                  <span className="md:hidden block text-faint text-[13px]">
                    {role.where}, {role.when}
                  </span>
                </td>
                <td className="text-faint max-md:hidden">{role.why}</td>
                <td className="text-faint max-md:hidden">
                  {role.where}, {role.when}
                </td>
                <td>
                  <WhoDoesIt role={role} />
                </td>
              </tr>
            ))}
          </tbody>
        </table>
        <p className="text-faint text-[13px] mt-2">
          A young person is never alone with one adult, and lifts nothing heavy. Breaks and water for
          everybody; nobody strikes alone at night.
        </p>
        <h2 className="mt-4">What each has to do</h2>
        <Wide label="What each has to do">
          <Suspense>
            <LoadBands />
          </Suspense>
        </Wide>
        <h2 className="mt-4">Getting ready</h2>
        <Suspense>
          <ScheduleBars part="work" />
        </Suspense>
        <h2 className="mt-4">Striking</h2>
        <Suspense>
          <ScheduleBars part="strike" />
        </Suspense>
        <h2 className="mt-4">The day</h2>
        <Wide label="The day">
          <CallTimeline />
        </Wide>
      </section>
      <aside className="px-4 py-2 border-l border-rule">
        <Heading>People</Heading>
        <FigureRows of={{ wanted: hands.wanted, filled: hands.filled, people: hands.people }} />
        <FigureRows of={{ inside: hands.inside, placesLeft: hands.placesLeft }} />
        <Workloads />
        <Suspense>
          <LeastCrew />
        </Suspense>
        <Heading>Ready in time</Heading>
        <FigureRow figure={hands.work} unit="of one person" />
        {numberOf(hands.saved) !== 0 && <FigureRow figure={hands.saved} unit="of one person" />}
        {hands.schedule ? (
          <FigureRows of={{ takes: hands.schedule.takes, ready: hands.schedule.ready }} />
        ) : (
          <FigureRow figure={hands.rigging} />
        )}
        <FigureRow figure={hands.call} />
        {hands.beforeOpen && <FigureRow figure={hands.beforeOpen} />}
        <FigureRow figure={hands.striking} />
        {hands.afterLocked && <FigureRow figure={hands.afterLocked} />}
        <FigureRow figure={hands.stretch} />
        <WayHome />
        <Suspense>
          <Breaks />
          <ReadyInTime />
        </Suspense>
      </aside>
    </div>
  );
}

/** A drawing that keeps the size of its words where the page is narrower: it is pushed sideways. */
function Wide({ label, children }: { label: string; children: ReactNode }) {
  return (
    <div className="overflow-x-auto" role="region" aria-label={label} tabIndex={0}>
      <div className="max-md:w-[700px]">{children}</div>
    </div>
  );
}

/** How long those who drive have been awake when they are home. */
function WayHome() {
  const { awake } = useResult('hands');
  const people = useEvent(state => state.bundle.hands.people);
  return Object.entries(awake).map(([person, figure]) => (
    <FigureRow key={person} figure={figure} label={`${people[person]?.name ?? person} is awake when home`} />
  ));
}

/** Whether each can do what they are down for by themselves. */
function Workloads() {
  const { workload } = useResult('hands');
  const people = useEvent(state => state.bundle.hands.people);
  const shared = Object.entries(workload).filter(([, { roles }]) => roles.length > 1);
  if (shared.length === 0) return null;
  return (
    <>
      <Heading>Several roles at once</Heading>
      {shared.map(([person, { peak, verdict }]) => (
        <div key={person}>
          <div className="pt-1">{people[person]?.name}</div>
          <FigureRow figure={peak} />
          <FigureRow figure={verdict} />
        </div>
      ))}
    </>
  );
}

const WORDS = {
  rig: 'rig',
  check: 'check',
  rehearse: 'rehearse',
  wait: 'doors',
  live: 'live',
  strike: 'strike',
} as const;

/** Phases as bars on one line of time, with the call drawn and named. */
function CallTimeline() {
  const brief = useResult('brief');
  const { call } = useResult('hands');
  const reading = useReading();
  const minutes = PHASE_ORDER.map(phase => numberOf(brief.phases[phase]) ?? 0);
  const total = minutes.reduce((sum, each) => sum + each, 0);
  if (typeof brief.start.value !== 'string' || total === 0) return null;
  const begin = Date.parse(brief.start.value) - (numberOf(brief.before) ?? 0) * 60_000;
  const callAt = typeof call.value === 'string' ? Date.parse(call.value) : begin;
  const first = Math.min(begin, callAt);
  const x = linear([first, begin + total * 60_000], [6, 694]);
  const bars = PHASE_ORDER.map((phase, i) => {
    const before = minutes.slice(0, i).reduce((sum, each) => sum + each, 0);
    const from = begin + before * 60_000;
    return { phase, from, to: from + (minutes[i] ?? 0) * 60_000 };
  }).filter(({ from, to }) => to > from);
  const clock = (time: number): string => showClock(new Date(time).toISOString(), reading);
  return (
    <svg
      className="plan w-full max-w-[860px] mt-5"
      viewBox="0 0 700 110"
      role="img"
      aria-label="Phases of the day and the call time"
    >
      {bars.map(({ phase, from, to }) => (
        <g key={phase}>
          <rect
            x={x(from)}
            y={42}
            width={x(to) - x(from)}
            height={26}
            fill={phase === 'live' ? 'var(--oil)' : 'var(--shade)'}
            stroke="var(--ink)"
          />
          {x(to) - x(from) > 30 && (
            <text
              x={(x(from) + x(to)) / 2}
              y={59}
              textAnchor="middle"
              fontSize={12.5}
              fill={phase === 'live' ? 'var(--on-oil)' : 'var(--ink)'}
            >
              {WORDS[phase]}
            </text>
          )}
          <text
            x={x(from)}
            y={86}
            fontSize={11.5}
            fill="var(--faint-word)"
            textAnchor={x(from) < 20 ? 'start' : 'middle'}
          >
            {clock(from)}
          </text>
        </g>
      ))}
      <path d={`M${x(callAt)},24V72`} stroke="var(--brass)" strokeWidth={2} />
      <text x={x(callAt) + 5} y={30} fontSize={13} fontWeight={600} fill="var(--ink)" textAnchor="start">
        call {clock(callAt)}
      </text>
    </svg>
  );
}
