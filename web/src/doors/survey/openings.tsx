/** What is in the walls of a quick survey: sockets and doors, a line each. */
import { WALLS, type Wall } from '@idle-satchel/core';
import type { ReactNode } from 'react';
import type { DoorDraft, Group, SocketDraft } from './draft.js';

/** Something in a wall: which wall, how far along it, what else is asked of it, and why that was not taken. */
function Row({
  what,
  number,
  wall,
  onWall,
  along,
  onAlong,
  fault,
  onDrop,
  children,
}: {
  what: string;
  number: number;
  wall: Wall;
  onWall: (wall: Wall) => void;
  along: string;
  onAlong: (text: string) => void;
  fault: string | undefined;
  onDrop: () => void;
  children: ReactNode;
}) {
  return (
    <div className="flex flex-wrap items-baseline gap-x-2 py-1 border-b border-rule">
      <select
        className="field"
        aria-label={`Wall of ${what} ${number}`}
        value={wall}
        onChange={event => onWall(event.target.value as Wall)}
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
          className="field w-14 text-right text-ink placeholder:text-faint placeholder:italic"
          aria-label={`Place of ${what} ${number}`}
          placeholder="guess"
          value={along}
          aria-invalid={fault !== undefined}
          onChange={event => onAlong(event.target.value)}
        />
      </label>
      {children}
      <button type="button" className="link ml-auto" aria-label={`Drop ${what} ${number}`} onClick={onDrop}>
        Drop
      </button>
      {fault && (
        <span role="alert" className="w-full text-right text-stop text-[13px]">
          {fault}
        </span>
      )}
    </div>
  );
}

/** The lines of a list in the draft: how one of them is changed, and what its row shows and does. */
function linesOf<T extends SocketDraft | DoorDraft>(
  what: string,
  list: readonly T[],
  put: (list: readonly T[]) => void,
) {
  const edit = (at: number, part: Partial<SocketDraft & DoorDraft>): void =>
    put(list.map((each, i) => (i === at ? { ...each, ...part } : each)));
  const rowAt = (at: number, { wall, along }: T) => ({
    ...{ what, number: at + 1, wall, along },
    onWall: (next: Wall): void => edit(at, { wall: next }),
    onAlong: (text: string): void => edit(at, { along: text }),
    onDrop: (): void => put(list.filter((_, i) => i !== at)),
  });
  return { edit, rowAt };
}

/** The mains sockets: on which wall, how far along, on which breaker. */
export function Sockets({ draft: { sockets }, faults, onChange }: Group) {
  const { edit, rowAt } = linesOf('socket', sockets, next => onChange({ sockets: next }));
  return (
    <>
      {sockets.map((socket, i) => (
        <Row key={i} {...rowAt(i, socket)} fault={faults[`along ${i}`] ?? faults[`circuit ${i}`]}>
          <label className="text-faint">
            breaker{' '}
            <input
              className="field w-9 text-right text-ink"
              aria-label={`Breaker of socket ${i + 1}`}
              value={socket.circuit}
              aria-invalid={faults[`circuit ${i}`] !== undefined}
              onChange={event => edit(i, { circuit: event.target.value })}
            />
          </label>
        </Row>
      ))}
      <button
        type="button"
        className="link my-1"
        onClick={() => onChange({ sockets: [...sockets, { wall: 'north', along: '', circuit: '1' }] })}
      >
        Add a socket
      </button>
    </>
  );
}

/** The doors: in which wall, how far along their middle is, how wide, and whether people leave by them. */
export function DoorFields({ draft: { doors }, faults, onChange }: Group) {
  const { edit, rowAt } = linesOf('door', doors, next => onChange({ doors: next }));
  return (
    <>
      {doors.map((door, i) => (
        <Row key={i} {...rowAt(i, door)} fault={faults[`door ${i}`] ?? faults[`door width ${i}`]}>
          <label className="text-faint">
            wide{' '}
            <input
              className="field w-14 text-right text-ink placeholder:text-faint placeholder:italic"
              aria-label={`Width of door ${i + 1}`}
              placeholder="guess"
              value={door.width}
              aria-invalid={faults[`door width ${i}`] !== undefined}
              onChange={event => edit(i, { width: event.target.value })}
            />
          </label>
          <label>
            <input
              type="checkbox"
              aria-label={`Door ${i + 1} is an exit`}
              checked={door.kind === 'exit'}
              onChange={event => edit(i, { kind: event.target.checked ? 'exit' : 'inner' })}
            />{' '}
            exit
          </label>
        </Row>
      ))}
      <button
        type="button"
        className="link my-1"
        onClick={() =>
          onChange({ doors: [...doors, { wall: 'south', along: '', width: '', kind: 'inner' }] })
        }
      >
        Add a door
      </button>
    </>
  );
}
