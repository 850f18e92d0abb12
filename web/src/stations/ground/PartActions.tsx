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
  whyEither,
  removed,
  turnAbout,
  type Motion,
  type Operation,
  type Part,
  type Reading,
} from '@idle-satchel/core';
import { useState, type ReactNode } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { useOpenEvent, useReading } from '../../store/hooks.js';
import { GuardedButton } from '../../ui/GuardedButton.js';

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

const degreesIn = (text: string): number => Number(text.replace(',', '.').replace('°', ''));

function TurnForm({ onTurn }: { onTurn: (degrees: number) => void }) {
  const { register, handleSubmit, control } = useForm({ defaultValues: { by: '15' } });
  const { by = '' } = useWatch({ control });
  const fits = Number.isFinite(degreesIn(by));
  const submit = handleSubmit(turn => {
    if (fits) onTurn(degreesIn(turn.by));
  });
  return (
    <form className={FORM} onSubmit={event => void submit(event)}>
      <label>
        Clockwise by{' '}
        <input className="field w-16 text-right" autoFocus aria-invalid={!fits} {...register('by')} /> °
      </label>
      <GuardedButton why={fits && by.trim() !== '' ? undefined : 'degrees, such as 15'}>Turn</GuardedButton>
    </form>
  );
}

interface Copies {
  columns: string;
  dx: string;
  rows: string;
  dy: string;
}

const FOUR: Copies = { columns: '4', dx: '3', rows: '1', dy: '3' };

/** What copies are asked for, or why they cannot be made. */
function copiesIn(
  asked: Copies,
  system: Reading['system'],
): { motions: readonly Motion[] } | { fault: string } {
  const [columns, rows] = [Number(asked.columns), Number(asked.rows)];
  const [dx, dy] = [parseLength(asked.dx, system), parseLength(asked.dy, system)];
  const whole = (count: number): boolean => Number.isInteger(count) && count >= 1;
  if (!whole(columns) || !whole(rows)) return { fault: 'how many: whole numbers' };
  if (dx === undefined || dy === undefined)
    return {
      fault: whyEither(asked.dx) ?? whyEither(asked.dy) ?? 'how far apart: lengths such as 3.9 m',
    };
  if (columns * rows - 1 > MOST_COPIES) return { fault: `at most ${MOST_COPIES} copies` };
  if (columns * rows < 2) return { fault: 'at least two in all' };
  return { motions: arrayMotions(columns, rows, [dx, dy]) };
}

/** A row or a block of copies: how many each way, and how far apart from middle to middle. */
function ArrayForm({ onArray }: { onArray: (motions: readonly Motion[]) => void }) {
  const { system } = useReading();
  const { register, handleSubmit, control } = useForm<Copies>({ defaultValues: FOUR });
  const copies = copiesIn({ ...FOUR, ...useWatch({ control }) }, system);
  const submit = handleSubmit(() => {
    if ('motions' in copies) onArray(copies.motions);
  });
  const field = (name: keyof Copies, label: string): ReactNode => (
    <label>
      {label} <input className="field w-14 text-right" {...register(name)} />
    </label>
  );
  return (
    <form className={FORM} onSubmit={event => void submit(event)}>
      {field('columns', 'East')}
      {field('dx', 'every')}
      {field('rows', 'South')}
      {field('dy', 'every')}
      <button className="button" disabled={'fault' in copies}>
        Repeat
      </button>
      {'fault' in copies && (
        <span role="alert" className="text-stop text-[13px]">
          {copies.fault}
        </span>
      )}
    </form>
  );
}
