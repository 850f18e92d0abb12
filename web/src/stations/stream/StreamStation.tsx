import { inOrder, numberOf, RUNGS, showDay, showText, type Rung } from '@idle-satchel/core';
import { ticks } from 'd3-array';
import { FigureRows, Heading, useWorkingKey } from '../../ledger/Ledger.js';
import { useEvent, usePlan, useReading, useResult, useStore } from '../../store/hooks.js';
import { linear } from '../../ui/linear.js';
import { OUTPUT_WORDS } from '../brief/output-words.js';

/** Stream: what the line carries, what goes over it, and disk for the recording. */
export default function StreamStation() {
  useWorkingKey();
  const store = useStore();
  const stream = useResult('stream');
  const outputs = usePlan(plan => plan.outputs);
  const none = Object.keys(stream.streams).length + Object.keys(stream.recordings).length === 0;
  return (
    <div className="grid md:grid-cols-[minmax(0,1.87fr)_minmax(320px,1fr)] max-md:grid-cols-[minmax(0,1fr)] min-h-full">
      <UploadChart />
      <aside className="px-4 py-2 border-l border-rule">
        <Heading>The line</Heading>
        <FigureRows of={{ worst: stream.worstUpload, budget: stream.budget, taken: stream.taken }} />
        {Object.entries(stream.streams).map(([id, each]) => (
          <section key={id}>
            <Heading
              about={outputs?.[id]?.label}
              right={
                <select
                  className="field text-ink"
                  aria-label={`Size and rate of ${outputs?.[id]?.label ?? 'the stream'}`}
                  value={outputs?.[id]?.rung ?? ''}
                  onChange={event => {
                    const value = event.target.value as Rung | '';
                    if (value)
                      store.editPlan('Choose a stream size', plan => plan.put('outputs', id, 'rung', value));
                    else
                      store.editPlan('Use the best size that fits', plan => plan.drop('outputs', id, 'rung'));
                  }}
                >
                  <option value="">best that fits</option>
                  {RUNGS.map(rung => (
                    <option key={rung}>{rung}</option>
                  ))}
                </select>
              }
            >
              {OUTPUT_WORDS[outputs?.[id]?.kind ?? 'stream']}
            </Heading>
            <FigureRows of={each} />
          </section>
        ))}
        {Object.entries(stream.recordings).map(([id, each]) => (
          <section key={id}>
            <Heading about={outputs?.[id]?.label}>Recording</Heading>
            <FigureRows of={each} />
          </section>
        ))}
        {none && (
          <p className="text-faint mt-3">No stream and no recording is wanted. Ask for one under Brief.</p>
        )}
      </aside>
    </div>
  );
}

const WIDTH = 700;
const LEFT = 150;

/** The logged upload tests as ink bars, with the budget and what the streams take drawn and named. */
function UploadChart() {
  const uploads = useEvent(state => state.assessment.ground.venue.uploads);
  const stream = useResult('stream');
  const reading = useReading();
  const tests = inOrder(uploads).toSorted(([, a], [, b]) => (a.at < b.at ? -1 : 1));
  const used = numberOf(stream.taken) ?? 0;
  const budget = numberOf(stream.budget);
  const most = Math.max(1, used, ...tests.map(([, test]) => test.up)) * 1.08;
  const x = linear([0, most], [LEFT, WIDTH - 20]);
  const bottom = 70 + tests.length * 46;
  const line = (value: number, words: string, y: number, dash?: string) => (
    <g>
      <path d={`M${x(value)},34V${bottom}`} stroke="var(--ink)" strokeWidth={1.4} strokeDasharray={dash} />
      <text x={x(value) + 5} y={y} fontSize={13} fill="var(--ink)" className="over">
        {words} {showText(value, 'Mb/s', reading)}
      </text>
    </g>
  );
  return (
    <section aria-label="Upload" className="p-5">
      <h2>What the line gave, and what is taken</h2>
      {tests.length === 0 ? (
        <p className="my-3 max-w-md">
          Nobody has measured the upload here. Measure it at the hour of the event, on three evenings if you
          can, and enter it with the venue.
        </p>
      ) : (
        <svg
          className="plan w-full max-w-[820px] mt-3"
          viewBox={`0 0 ${WIDTH} ${bottom + 40}`}
          role="img"
          aria-label="Upload tests, budget and use in megabits per second"
        >
          {tests.map(([id, { at, up }], i) => {
            const y = 56 + i * 46;
            return (
              <g key={id}>
                <text x={LEFT - 10} y={y + 17} textAnchor="end" fontSize={13} fill="var(--ink)">
                  {showDay(at, reading)}
                </text>
                <rect
                  x={x(0)}
                  y={y}
                  width={x(up) - x(0)}
                  height={24}
                  fill="var(--shade)"
                  stroke="var(--ink)"
                  strokeWidth={1.2}
                />
                <text
                  x={x(up) - 8}
                  y={y + 17}
                  textAnchor="end"
                  fontSize={13}
                  fontWeight={600}
                  fill="var(--ink)"
                >
                  {showText(up, 'Mb/s', reading)}
                </text>
              </g>
            );
          })}
          <g stroke="var(--faint)" fill="var(--faint-word)" fontSize={12}>
            <path d={`M${x(0)},${bottom}H${WIDTH - 20}`} fill="none" />
            {ticks(0, most, 6).map(tick => (
              <g key={tick}>
                <path d={`M${x(tick)},${bottom}v5`} />
                <text stroke="none" x={x(tick)} y={bottom + 19} textAnchor="middle">
                  {tick} Mb/s
                </text>
              </g>
            ))}
          </g>
          {budget !== undefined && line(budget, 'budget', 30, '7 3')}
          {used > 0 && line(used, 'taken', 48)}
        </svg>
      )}
    </section>
  );
}
