import { LOADS, loadDrawing, type LoadBand } from '@idle-satchel/core/load-drawing';
import { useEvent, useReading, useUi } from '../../store/hooks.js';

const STATE_WORDS = {
  fits: { sign: '✓', tone: 'var(--moss-word)' },
  'too much': { sign: '◆', tone: 'var(--madder-word)' },
  unknown: { sign: '?', tone: 'var(--faint-word)' },
} as const;

/** How much of everybody’s attention each item takes while it is live. */
export default function LoadBands() {
  const bundle = useEvent(state => state.bundle);
  const assessment = useEvent(state => state.assessment);
  const reading = useReading();
  const selected = useUi(state => state.selected);
  const drawing = loadDrawing(bundle, assessment, reading);
  if (!drawing)
    return (
      <p className="text-faint">
        Put somebody on a role, and give the running order something that is live, to see what each of them
        has to do.
      </p>
    );
  const { items, bands, height } = drawing;
  return (
    <svg
      className="plan w-full max-w-[860px]"
      viewBox={`0 0 ${LOADS.width} ${height}`}
      role="img"
      aria-label="How much of everybody’s attention each item takes"
    >
      {items.map(({ id, x, clock, label }) => (
        <g key={id}>
          <path d={`M${x},26V${height}`} stroke="var(--rule)" />
          <text x={x + 3} y={12} fontSize={12} fill="var(--ink)">
            {label}
          </text>
          <text x={x + 3} y={25} fontSize={11.5} fill="var(--faint-word)">
            {clock}
          </text>
        </g>
      ))}
      {bands.map(band => (
        <Band key={band.person} band={band} lit={band.person === selected} />
      ))}
    </svg>
  );
}

function Band({
  band: { name, roles, verdict, state, full, ground, steps },
  lit,
}: {
  band: LoadBand;
  lit: boolean;
}) {
  const { sign, tone } = STATE_WORDS[state];
  return (
    <g>
      {lit && (
        <rect
          x={0}
          y={full - LOADS.top}
          width={LOADS.width}
          height={LOADS.full + LOADS.top}
          fill="var(--shade)"
        />
      )}
      <path d={`M${LOADS.left},${full}H${LOADS.right}`} stroke="var(--madder)" strokeDasharray="2 3" />
      <text x={LOADS.right} y={full - 3} fontSize={11} textAnchor="end" fill="var(--faint-word)">
        all of it
      </text>
      <text x={LOADS.left} y={full - 4} fontSize={12.5} fill="var(--ink)">
        <tspan fontWeight={600}>{name}</tspan>
        <tspan fill="var(--faint-word)"> {roles} · </tspan>
        <tspan fill={tone}>
          {sign} {verdict}
        </tspan>
      </text>
      {steps.map(({ id, x, width, least, most, words, tooMuch }) => (
        <g key={id}>
          {most !== undefined && most > least && (
            <rect
              x={x + 1}
              y={ground - most}
              width={width - 2}
              height={most}
              fill="none"
              stroke="var(--ink)"
              strokeDasharray="3 2"
            />
          )}
          <rect
            x={x + 1}
            y={ground - least}
            width={width - 2}
            height={least}
            fill={tooMuch ? 'var(--madder)' : 'var(--oil)'}
          />
          {words && (
            <text
              x={x + 4}
              y={ground - words.up}
              fontSize={11.5}
              fill={words.onBar ? 'var(--on-oil)' : 'var(--ink)'}
            >
              {words.text}
            </text>
          )}
        </g>
      ))}
      <path d={`M${LOADS.left},${ground}H${LOADS.right}`} stroke="var(--ink)" />
    </g>
  );
}
