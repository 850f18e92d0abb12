import { Suspense } from 'react';
import { limitText, numberOf, type RackResult } from '@idle-satchel/core';
import { FlagField } from '../../ledger/ChoiceField.js';
import { FigureRow, FigureRows, Heading, useWorkingKey } from '../../ledger/Ledger.js';
import { fetched } from '../../ui/fetched.js';
import { useOpenEvent, useReading, useResult, useStore, useUi } from '../../store/hooks.js';

const AddRack = fetched(() => import('./AddRack.js'));

const UNIT = 46;
const WIDTH = 440;

/** Racks: what is mounted where, with weight and watts. */
export default function RacksStation() {
  useWorkingKey();
  const { ui } = useOpenEvent();
  const { racks } = useResult('racks');
  const selected = useUi(state => state.selected);
  const current = selected !== undefined && racks[selected] ? selected : Object.keys(racks)[0];
  const rack = current === undefined ? undefined : racks[current];
  if (!rack || current === undefined) {
    return (
      <section aria-label="No rack yet" className="p-6 max-w-md">
        <p className="text-faint">
          No rack is in this plan: what is carried loose stands under Pack. Put one in, then choose it as the
          case of what goes into it.
        </p>
        <Suspense>
          <AddRack open />
        </Suspense>
      </section>
    );
  }
  const rails = Object.values(rack.items).some(({ rear }) => rear) ? [FRONT, REAR] : [FRONT];
  return (
    <div className="grid md:grid-cols-[minmax(0,1.87fr)_minmax(320px,1fr)] max-md:grid-cols-[minmax(0,1fr)] min-h-full">
      <section aria-label="Elevation" className="p-5">
        <div className="flex gap-2 mb-4">
          {Object.entries(racks).map(([id, { label }]) => (
            <button key={id} className="tape" aria-pressed={id === current} onClick={() => ui.select(id)}>
              {label}
            </button>
          ))}
          <Suspense>
            <AddRack />
          </Suspense>
        </div>
        {rails.map(({ words, rear }) => (
          <figure key={words} className="mb-3">
            {rails.length > 1 && <figcaption className="text-faint">{words}</figcaption>}
            <Elevation rack={rack} words={words} rear={rear} />
          </figure>
        ))}
      </section>
      <RackLedger key={current} rack={rack} />
    </div>
  );
}

const FRONT = { words: 'from the front', rear: false } as const;
const REAR = { words: 'from the rear', rear: true } as const;

/** The rack from one side, unit 1 at the bottom; from the front, loose things are listed on top of it. */
function Elevation({ rack, words, rear }: { rack: RackResult; words: string; rear: boolean }) {
  const { ui } = useOpenEvent();
  const selected = useUi(state => state.selected);
  const units = numberOf(rack.have) ?? 1;
  const loose = Object.entries(rack.items).filter(([, item]) => item.unit === undefined && !rear);
  const top = loose.length * 30 + 16;
  const height = top + units * UNIT + 20;
  return (
    <svg
      className="plan w-full max-w-[640px]"
      viewBox={`-40 0 ${WIDTH + 120} ${height}`}
      role="group"
      aria-label={`${rack.label} ${words}`}
    >
      {loose.map(([id, item], i) => (
        <g key={id} onClick={() => ui.select(id)}>
          <rect
            x={60}
            y={8 + i * 30}
            width={WIDTH - 120}
            height={26}
            fill="var(--paper)"
            stroke={id === selected ? 'var(--brass)' : 'var(--faint)'}
            strokeDasharray="5 3"
          />
          <text x={WIDTH / 2} y={26 + i * 30} textAnchor="middle" fontSize={13} fill="var(--ink)">
            {item.label} · loose
          </text>
        </g>
      ))}
      <rect
        x={0}
        y={top}
        width={WIDTH}
        height={units * UNIT}
        fill="var(--shade)"
        stroke="var(--ink)"
        strokeWidth={3}
      />
      {Array.from({ length: units }, (_, i) => {
        const y = top + (units - 1 - i) * UNIT;
        return (
          <g key={i}>
            <path d={`M0,${y}H${WIDTH}`} stroke="var(--rule)" />
            <text x={-12} y={y + UNIT / 2 + 4} textAnchor="end" fontSize={12} fill="var(--faint-word)">
              {i + 1}
            </text>
            {[10, WIDTH - 10].map(x => (
              <g key={x} fill="var(--faint)">
                <circle cx={x} cy={y + 9} r={2.2} />
                <circle cx={x} cy={y + UNIT - 9} r={2.2} />
              </g>
            ))}
          </g>
        );
      })}
      {Object.entries(rack.items).map(([id, item]) => {
        if (item.unit === undefined || item.rear !== rear) return null;
        const y = top + (units - item.unit - item.units + 1) * UNIT;
        return (
          <g key={id} onClick={() => ui.select(id)}>
            <rect
              x={22}
              y={y + 2}
              width={WIDTH - 44}
              height={item.units * UNIT - 4}
              fill="var(--paper)"
              stroke={id === selected ? 'var(--brass)' : 'var(--ink)'}
              strokeWidth={id === selected ? 2.4 : 1.4}
            />
            <text
              x={36}
              y={y + UNIT / 2 + 5}
              fontSize={15}
              fontWeight={600}
              fill="var(--ink)"
              style={{ fontFamily: 'var(--font-tape)', letterSpacing: '.04em' }}
            >
              {item.label}
            </text>
            <text
              x={WIDTH - 36}
              y={y + UNIT / 2 + 5}
              textAnchor="end"
              fontSize={11.5}
              fill="var(--faint-word)"
            >
              {item.kindLabel.length > 44 ? `${item.kindLabel.slice(0, 43)}…` : item.kindLabel}
            </text>
          </g>
        );
      })}
    </svg>
  );
}

function RackLedger({ rack }: { rack: RackResult }) {
  const store = useStore();
  const reading = useReading();
  const { have, used, spare, load, weight, watts, heat, passive } = rack;
  const units = numberOf(have) ?? 0;
  return (
    <aside className="px-4 py-2 border-l border-rule">
      <Heading about={rack.label}>Rack</Heading>
      <FigureRows of={{ have, used, spare, load }} />
      <FigureRow figure={weight}>
        two people above {limitText(weight.of, 'note', reading)}; keep it close, mind the step
      </FigureRow>
      <FigureRows of={{ watts, heat, passive }} />
      {Object.entries(rack.items).map(([key, item]) => (
        <section key={key}>
          <Heading
            about={item.label}
            right={
              <select
                className="field text-ink"
                aria-label={`Unit of ${item.label}`}
                value={item.unit ?? ''}
                onChange={event => {
                  const unit = Number(event.target.value) || undefined;
                  store.editPlan(`Mount ${item.label}`, plan =>
                    plan.set('devices', key, 'place', 'unit', unit),
                  );
                }}
              >
                <option value="">loose</option>
                {Array.from({ length: units }, (_, i) => (
                  <option key={i} value={i + 1}>
                    unit {i + 1}
                  </option>
                ))}
              </select>
            }
          >
            {item.units} U
          </Heading>
          {item.unit !== undefined && (
            <FlagField
              label="On the rear rails"
              value={item.rear}
              onCommit={on =>
                store.editPlan(`Rails of ${item.label}`, plan =>
                  plan.set('devices', key, 'place', 'rear', on || undefined),
                )
              }
            />
          )}
          <FigureRows of={item} />
        </section>
      ))}
    </aside>
  );
}
