import { useMemo } from 'react';
import { useEvent, useOpenEvent, usePlan, useResult, useUi } from '../../store/hooks.js';
import { BOX_WIDTH, layout } from './schematic-layout.js';

/** Devices and links, drawn from sources to destinations. */
export function Schematic() {
  const { ui } = useOpenEvent();
  const devices = usePlan(plan => plan.devices);
  const links = usePlan(plan => plan.links);
  const kinds = useEvent(state => state.bundle.kinds.kinds);
  const { links: mates, formats } = useResult('signal');
  const selected = useUi(state => state.selected);
  const { boxes, wires, width, height } = useMemo(
    () => layout(devices, kinds, links),
    [devices, kinds, links],
  );
  return (
    <section aria-label="Schematic" className="overflow-auto">
      <svg
        className="plan block min-w-[560px] w-full"
        style={{ maxWidth: width * 1.15 }}
        viewBox={`0 0 ${width} ${height}`}
        role="group"
        aria-label="Devices and links from sources to destinations"
      >
        {wires.map(({ id, d }) => {
          const taken = formats[id]?.taken.value ?? 'yes';
          const bad = mates[id]?.mates.value === false || taken !== 'yes';
          return (
            <g key={id}>
              <path
                d={d}
                fill="none"
                stroke={id === selected ? 'var(--brass)' : bad ? 'var(--madder)' : 'var(--ink)'}
                strokeWidth={id === selected ? 2.4 : 1.4}
                strokeDasharray={bad ? '7 3 2 3' : undefined}
              />
              <path
                d={d}
                fill="none"
                stroke="transparent"
                strokeWidth={9}
                className="handle"
                onClick={() => ui.select(id)}
              />
            </g>
          );
        })}
        {boxes.map(box => (
          <g key={box.id} transform={`translate(${box.x} ${box.y})`} onClick={() => ui.select(box.id)}>
            <rect
              width={BOX_WIDTH}
              height={box.height}
              fill="var(--paper)"
              stroke={box.id === selected ? 'var(--brass)' : 'var(--ink)'}
              strokeWidth={box.id === selected ? 2 : 1.2}
            />
            <text
              x={8}
              y={15}
              fontSize={14}
              fontWeight={600}
              fill="var(--ink)"
              style={{ fontFamily: 'var(--font-tape)', letterSpacing: '.04em' }}
            >
              {box.label}
            </text>
            <text x={8} y={28} fontSize={10.5} fill="var(--faint-word)">
              {box.kind.length > 28 ? `${box.kind.slice(0, 27)}…` : box.kind}
            </text>
            {box.ins.map(pin => (
              <g key={pin.port}>
                <circle cx={0} cy={pin.y} r={3} fill="var(--ink)" />
                <text x={8} y={pin.y + 4} fontSize={11.5} fill="var(--ink)">
                  {pin.label}
                </text>
              </g>
            ))}
            {box.outs.map(pin => (
              <g key={pin.port}>
                <circle
                  cx={BOX_WIDTH}
                  cy={pin.y}
                  r={3}
                  fill="var(--paper)"
                  stroke="var(--ink)"
                  strokeWidth={1.4}
                />
                <text x={BOX_WIDTH - 8} y={pin.y + 4} textAnchor="end" fontSize={11.5} fill="var(--ink)">
                  {pin.label}
                </text>
              </g>
            ))}
          </g>
        ))}
      </svg>
    </section>
  );
}
