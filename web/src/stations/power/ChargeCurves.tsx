import { chargeDrawing, type ChargeLine } from '@idle-satchel/core';
import { useMemo } from 'react';
import { Heading } from '../../ledger/Ledger.js';
import { useEvent, useOpenEvent, usePlan, useReading, useResult, useUi } from '../../store/hooks.js';

const WIDE = 420;
const HIGH = 150;

/** The charge of each battery along the day, with the running order under it. */
export default function ChargeCurves() {
  const { ui } = useOpenEvent();
  const power = useResult('power');
  const start = usePlan(plan => plan.start);
  const devices = usePlan(plan => plan.devices);
  const reading = useReading();
  const selected = useUi(state => state.selected);
  const zone = useEvent(state => state.bundle.plan.zone);
  const drawing = useMemo(
    () =>
      chargeDrawing(power, {
        start,
        reading: { ...reading, zone },
        size: [WIDE, HIGH],
        labelOf: id => devices?.[id]?.label ?? id,
      }),
    [power, start, reading, zone, devices],
  );
  if (!drawing) return null;
  const { lines, items, hours, live } = drawing;
  const strong = (line: ChargeLine): boolean => line.id === selected || lines.length === 1;
  return (
    <section aria-label="Charge along the day">
      <Heading>Charge along the day</Heading>
      <svg
        viewBox={`0 0 ${WIDE} ${HIGH + 46}`}
        role="img"
        aria-label={`Charge that is left: ${lines.map(({ words }) => words).join('; ')}`}
        className="block w-full max-w-[640px] text-[11px]"
      >
        <g stroke="var(--rule)">
          {[0, 0.5, 1].map(share => (
            <path key={share} d={`M36 ${4 + (1 - share) * (HIGH - 8)}H${WIDE}`} />
          ))}
        </g>
        <g fill="var(--faint-word)" textAnchor="end">
          {[0, 50, 100].map(percent => (
            <text key={percent} x={33} y={8 + (1 - percent / 100) * (HIGH - 8)}>
              {percent} %
            </text>
          ))}
        </g>
        {live && (
          <path d={`M${live} 0V${HIGH}`} stroke="var(--brass)" strokeDasharray="3 3" aria-hidden="true" />
        )}
        {lines.map(line => (
          <path
            key={line.id}
            d={line.path}
            fill="none"
            stroke={strong(line) ? 'var(--ink)' : 'var(--faint)'}
            strokeWidth={strong(line) ? 2.2 : 1.4}
            strokeDasharray={line.dash}
            onClick={() => ui.select(line.id)}
          />
        ))}
        {items.map(({ id, x, width, label, tone }) => (
          <g key={id}>
            <rect
              x={x}
              y={HIGH + 2}
              width={Math.max(0, width - 1)}
              height={16}
              fill={tone === 'live' ? 'var(--brass)' : 'var(--shade)'}
              opacity={tone === 'live' ? 0.35 : 1}
            />
            {label && (
              <text x={x + 3} y={HIGH + 14} fill="var(--ink)">
                {label}
              </text>
            )}
          </g>
        ))}
        <g fill="var(--faint-word)" textAnchor="middle">
          {hours.map(({ x, words }) => (
            <text key={words} x={x} y={HIGH + 32}>
              {words}
            </text>
          ))}
        </g>
      </svg>
      <ul>
        {lines.map(({ id, words, dash }) => (
          <li key={id} className="flex gap-2 items-center border-b border-rule py-1">
            <svg width={26} height={8} aria-hidden="true">
              <path d="M0 4H26" stroke="var(--ink)" strokeWidth={2} strokeDasharray={dash} />
            </svg>
            <button className="link text-left" aria-pressed={id === selected} onClick={() => ui.select(id)}>
              {words}
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
