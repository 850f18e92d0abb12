/** Fields of the quick survey. */
import { AISLE_GUESS, showText, WALLS, type Reading, type Wall } from '@idle-satchel/core';
import type { Draft, SocketDraft } from './draft.js';

/** What a group of fields shows and changes of the draft. */
interface Part {
  readonly draft: Draft;
  readonly faults: Readonly<Record<string, string>>;
  readonly onChange: (part: Partial<Draft>) => void;
}

/** One number: empty shows the guess that stands in for it. */
export function Field({
  label,
  value,
  guess,
  fault,
  wide = false,
  onChange,
}: {
  label: string;
  value: string;
  guess: string;
  fault?: string | undefined;
  wide?: boolean;
  onChange: (text: string) => void;
}) {
  return (
    <label className="flex flex-wrap items-baseline gap-x-2 py-1 border-b border-rule">
      <span className="grow">{label}</span>
      <input
        className={`field ${wide ? 'w-full' : 'w-32 text-right'} placeholder:text-faint placeholder:italic`}
        value={value}
        placeholder={wide ? `e.g. ${guess}` : `guess ${guess}`}
        aria-invalid={fault !== undefined}
        onChange={event => onChange(event.target.value)}
      />
      {fault && (
        <span role="alert" className="w-full text-right text-stop text-[13px]">
          {fault}
        </span>
      )}
    </label>
  );
}

/** The mains sockets: on which wall, how far along, on which breaker. */
export function Sockets({
  draft: { sockets },
  faults,
  onChange,
}: {
  draft: Draft;
  faults: Readonly<Record<string, string>>;
  onChange: (sockets: readonly SocketDraft[]) => void;
}) {
  const edit = (at: number, part: Partial<SocketDraft>): void =>
    onChange(sockets.map((socket, i) => (i === at ? { ...socket, ...part } : socket)));
  return (
    <>
      {sockets.map(({ wall, along, circuit }, i) => (
        <div key={i} className="flex flex-wrap items-baseline gap-x-2 py-1 border-b border-rule">
          <select
            className="field"
            aria-label={`Wall of socket ${i + 1}`}
            value={wall}
            onChange={event => edit(i, { wall: event.target.value as Wall })}
          >
            {WALLS.map(each => (
              <option key={each} value={each}>
                {each} wall
              </option>
            ))}
          </select>
          <label className="text-faint">
            from {wall === 'north' || wall === 'south' ? 'west' : 'north'}{' '}
            <input
              className="field w-16 text-right text-ink placeholder:text-faint placeholder:italic"
              aria-label={`Place of socket ${i + 1}`}
              placeholder="guess"
              value={along}
              aria-invalid={faults[`along ${i}`] !== undefined}
              onChange={event => edit(i, { along: event.target.value })}
            />
          </label>
          <label className="text-faint">
            breaker{' '}
            <input
              className="field w-9 text-right text-ink"
              aria-label={`Breaker of socket ${i + 1}`}
              value={circuit}
              aria-invalid={faults[`circuit ${i}`] !== undefined}
              onChange={event => edit(i, { circuit: event.target.value })}
            />
          </label>
          <button
            type="button"
            className="link ml-auto"
            aria-label={`Drop socket ${i + 1}`}
            onClick={() => onChange(sockets.filter((_, at) => at !== i))}
          >
            Drop
          </button>
          {(faults[`along ${i}`] ?? faults[`circuit ${i}`]) && (
            <span role="alert" className="w-full text-right text-stop text-[13px]">
              {faults[`along ${i}`] ?? faults[`circuit ${i}`]}
            </span>
          )}
        </div>
      ))}
      <button
        type="button"
        className="link my-1"
        onClick={() => onChange([...sockets, { wall: 'north', along: '', circuit: '1' }])}
      >
        Add a socket
      </button>
    </>
  );
}

/** The mains of the house: their voltage, breakers and sockets. */
export function PowerFields({ draft, faults, onChange }: Part) {
  return (
    <>
      <h3>
        Power
        <span className="float-right">
          <select
            className="field"
            aria-label="Mains"
            value={draft.mains}
            onChange={event => onChange({ mains: event.target.value as Draft['mains'] })}
          >
            <option value="230/50">230 V, 50 Hz</option>
            <option value="120/60">120 V, 60 Hz</option>
          </select>
        </span>
      </h3>
      <Field
        label="Breakers, A each"
        fault={faults.breakers}
        value={draft.breakers}
        guess="16 16"
        onChange={breakers => onChange({ breakers })}
      />
      <Sockets draft={draft} faults={faults} onChange={sockets => onChange({ sockets })} />
    </>
  );
}

/** Whether there are seats, and the aisle between them. */
export function SeatFields({ draft, faults, reading, onChange }: Part & { reading: Reading }) {
  return (
    <>
      <label className="flex gap-2 py-1 border-b border-rule">
        <input
          type="checkbox"
          checked={draft.seats}
          onChange={event => onChange({ seats: event.target.checked })}
        />
        Seats in two blocks with an aisle between
      </label>
      {draft.seats && (
        <Field
          label="Clear width of the aisle"
          fault={faults.aisle}
          value={draft.aisle}
          guess={showText(AISLE_GUESS, 'm', reading)}
          onChange={aisle => onChange({ aisle })}
        />
      )}
    </>
  );
}
