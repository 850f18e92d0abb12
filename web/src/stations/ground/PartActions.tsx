import {
  arrayMotions,
  copied,
  middleOf,
  mirrorOver,
  MOST_COPIES,
  moveBy,
  moved,
  OUTLINE,
  parseLength,
  removed,
  turnAbout,
  type Motion,
  type Operation,
  type Part,
} from '@idle-satchel/core';
import { useState, type ReactNode } from 'react';
import { useOpenEvent, useReading } from '../../store/hooks.js';

/** Turn, mirror, copy, array, lock, take out: what can be done with what is picked. */
export function PartActions({ parts }: { parts: readonly Part[] }) {
  const { store, ui } = useOpenEvent();
  const [open, setOpen] = useState<'array' | 'turn'>();
  const paths = parts.map(part => part.path);
  const locked = parts.every(part => part.locked);
  const copies = parts.some(part => part.path !== OUTLINE);
  const named = parts.length === 1 ? (parts[0]?.label ?? '') : `${parts.length} things`;
  const now = () => store.get().assessment.ground.venue;
  const move = (verb: string, motion: Motion): void =>
    store.editVenue(`${verb} ${named}`, moved(now(), paths, motion));
  const about = (act: (middle: readonly [number, number]) => void): void => {
    const middle = middleOf(now(), paths);
    if (middle) act(middle);
  };
  const copy = (verb: string, motions: readonly Motion[]): void => {
    const { patch, paths: made } = copied(now(), paths, motions);
    store.editVenue(`${verb} ${named}`, patch);
    ui.set({ selected: undefined, parts: motions.length === 1 ? made : [...paths, ...made] });
    setOpen(undefined);
  };
  const lock = (): void => {
    const patch = parts
      .filter(part => part.path !== OUTLINE)
      .map(({ path }): Operation =>
        locked
          ? { op: 'remove', path: `${path}/locked` }
          : { op: 'add', path: `${path}/locked`, value: true },
      );
    store.editVenue(`${locked ? 'Unlock' : 'Lock'} ${named}`, patch);
  };
  const takeOut = (): void => {
    store.editVenue(`Take out ${named}`, removed(now(), paths));
    ui.select(undefined);
  };
  return (
    <>
      <p className="flex flex-wrap gap-x-3 gap-y-1 py-1.5">
        {!locked && (
          <>
            <Act onClick={() => about(middle => move('Turn', turnAbout(middle, 90)))}>Turn 90°</Act>
            <Act onClick={() => setOpen(open === 'turn' ? undefined : 'turn')}>Turn by …</Act>
            <Act onClick={() => about(([x]) => move('Mirror', mirrorOver('x', x)))}>Mirror east–west</Act>
            <Act onClick={() => about(([, y]) => move('Mirror', mirrorOver('y', y)))}>Mirror north–south</Act>
          </>
        )}
        {copies && (
          <>
            <Act onClick={() => copy('Copy', [moveBy(0.5, 0.5)])}>Copy</Act>
            <Act onClick={() => setOpen(open === 'array' ? undefined : 'array')}>Repeat …</Act>
            <Act onClick={lock}>{locked ? 'Unlock' : 'Lock'}</Act>
            {!locked && <Act onClick={takeOut}>Take out</Act>}
          </>
        )}
      </p>
      {open === 'turn' && (
        <TurnForm
          onTurn={degrees => {
            about(middle => move('Turn', turnAbout(middle, degrees)));
            setOpen(undefined);
          }}
        />
      )}
      {open === 'array' && <ArrayForm onArray={motions => copy('Repeat', motions)} />}
    </>
  );
}

const Act = ({ onClick, children }: { onClick: () => void; children: ReactNode }) => (
  <button className="link" onClick={onClick}>
    {children}
  </button>
);

const FORM = 'flex flex-wrap items-baseline gap-2 py-1.5 border-b border-rule';

function TurnForm({ onTurn }: { onTurn: (degrees: number) => void }) {
  const [text, setText] = useState('15');
  const degrees = Number(text.replace(',', '.').replace('°', ''));
  return (
    <form
      className={FORM}
      onSubmit={event => {
        event.preventDefault();
        if (Number.isFinite(degrees)) onTurn(degrees);
      }}
    >
      <label>
        Clockwise by{' '}
        <input
          className="field w-16 text-right"
          autoFocus
          value={text}
          aria-invalid={!Number.isFinite(degrees)}
          onChange={event => setText(event.target.value)}
        />{' '}
        °
      </label>
      <button className="button" disabled={!Number.isFinite(degrees) || text.trim() === ''}>
        Turn
      </button>
    </form>
  );
}

/** A row or a block of copies: how many each way, and how far apart from middle to middle. */
function ArrayForm({ onArray }: { onArray: (motions: readonly Motion[]) => void }) {
  const reading = useReading();
  const [draft, setDraft] = useState({ columns: '4', dx: '3', rows: '1', dy: '3' });
  const field = (name: keyof typeof draft, label: string): ReactNode => (
    <label>
      {label}{' '}
      <input
        className="field w-14 text-right"
        value={draft[name]}
        onChange={event => setDraft({ ...draft, [name]: event.target.value })}
      />
    </label>
  );
  const [columns, rows] = [Number(draft.columns), Number(draft.rows)];
  const [dx, dy] = [parseLength(draft.dx, reading.system), parseLength(draft.dy, reading.system)];
  const whole = (count: number): boolean => Number.isInteger(count) && count >= 1;
  const fault =
    !whole(columns) || !whole(rows)
      ? 'how many: whole numbers'
      : dx === undefined || dy === undefined
        ? 'how far apart: lengths such as 3.9 m'
        : columns * rows - 1 > MOST_COPIES
          ? `at most ${MOST_COPIES} copies`
          : columns * rows < 2
            ? 'at least two in all'
            : '';
  return (
    <form
      className={FORM}
      onSubmit={event => {
        event.preventDefault();
        if (fault === '') onArray(arrayMotions(columns, rows, [dx ?? 0, dy ?? 0]));
      }}
    >
      {field('columns', 'East')}
      {field('dx', 'every')}
      {field('rows', 'South')}
      {field('dy', 'every')}
      <button className="button" disabled={fault !== ''}>
        Repeat
      </button>
      {fault && (
        <span role="alert" className="text-stop text-[13px]">
          {fault}
        </span>
      )}
    </form>
  );
}
