import { replug, rowsOf, supplyTree, type SupplyNode, type SupplyRow } from '@idle-satchel/core';
import { useMemo, useRef, useState, type KeyboardEvent } from 'react';
import { useFlags } from '../../ledger/flags.js';
import { useEvent, useOpenEvent, useReading, useUi } from '../../store/hooks.js';

/** What feeds what, from the building and from batteries down to every inlet; leads are plugged in elsewhere by drag or keys. */
export default function SupplyTree() {
  const { ui } = useOpenEvent();
  const { power, ground, signal } = useEvent(state => state.assessment);
  const reading = useReading();
  const selected = useUi(state => state.selected);
  const [closed, setClosed] = useState<ReadonlySet<string>>(new Set());
  const { carried, setCarried, problem, plugInto } = useReplug();
  const list = useRef<HTMLUListElement>(null);
  const roots = useMemo(
    () => supplyTree({ power, ground, signal }, reading),
    [power, ground, signal, reading],
  );
  const rows = useMemo(() => rowsOf(roots, closed), [roots, closed]);
  const focusable = rows.find(({ node }) => node.record === selected && selected !== undefined) ?? rows[0];

  const open = (node: SupplyNode, on: boolean): void => {
    const next = new Set(closed);
    if (on) next.delete(node.key);
    else next.add(node.key);
    setClosed(next);
  };
  const focusRow = (at: number): void =>
    list.current?.querySelectorAll<HTMLElement>('[role="treeitem"]')[at]?.focus();
  const onKey = (event: KeyboardEvent, { node, depth }: SupplyRow, at: number): void => {
    const parent = rows.findLastIndex((row, i) => i < at && row.depth < depth);
    const hasMore = node.children.length > 0;
    const actions: Readonly<Record<string, () => void>> = {
      ArrowDown: () => focusRow(at + 1),
      ArrowUp: () => focusRow(at - 1),
      Home: () => focusRow(0),
      End: () => focusRow(rows.length - 1),
      ArrowRight: () => (hasMore && closed.has(node.key) ? open(node, true) : focusRow(at + 1)),
      ArrowLeft: () => (hasMore && !closed.has(node.key) ? open(node, false) : focusRow(parent)),
      Enter: () => (carried ? plugInto(node) : ui.select(node.record)),
      ' ': () => ui.select(node.record),
      m: () => node.moves && setCarried(node),
      Escape: () => setCarried(undefined),
    };
    const action = actions[event.key];
    if (!action) return;
    event.preventDefault();
    event.stopPropagation();
    action();
  };
  return (
    <section aria-label="Supply tree" className="h-full overflow-auto px-3 py-2 bg-paper">
      <p aria-live="polite" className="text-[13px] text-faint min-h-5">
        {problem ? (
          <span className="text-stop">{problem}</span>
        ) : carried ? (
          `${carried.label} is unplugged in your hand: Enter on an outlet plugs it in, Esc leaves it where it was.`
        ) : (
          'At its worst minute. Drag a line to another outlet, or m on it and Enter there.'
        )}
      </p>
      <div className="supply-row text-faint text-[12.5px] border-b border-rule" aria-hidden="true">
        <span>What feeds what</span>
        <span className="value">A</span>
        <span className="value">W</span>
        <span className="value">Lost, lasts</span>
        <span>Of its limit</span>
      </div>
      <ul role="tree" aria-label="What feeds what" ref={list}>
        {rows.map((row, at) => (
          <Row
            key={row.node.key}
            row={row}
            closed={closed.has(row.node.key)}
            on={row.node.record !== undefined && row.node.record === selected}
            inHand={carried?.key === row.node.key}
            first={row === focusable}
            onSelect={() => ui.select(row.node.record)}
            onOpen={on => open(row.node, on)}
            onKey={event => onKey(event, row, at)}
            onGrab={() => setCarried(row.node)}
            onDrop={() => plugInto(row.node)}
            onLetGo={() => setCarried(undefined)}
            dropping={carried !== undefined && row.node.takes}
          />
        ))}
      </ul>
    </section>
  );
}

/** A plug that is taken out and put in elsewhere. */
function useReplug() {
  const { store } = useOpenEvent();
  const [carried, setCarried] = useState<SupplyNode>();
  const [problem, setProblem] = useState('');
  const plugInto = (target: SupplyNode): void => {
    const { bundle, assessment } = store.get();
    if (!carried?.record || target.record === undefined || !target.takes) {
      setProblem(`Nothing can be plugged into ${target.label}.`);
      return;
    }
    const { fix, why } = replug(bundle, assessment, carried.record, target.record);
    if (fix) store.commit(fix.label, fix.changes);
    setProblem(why ? `${why}.` : '');
    setCarried(undefined);
  };
  return {
    carried,
    problem,
    plugInto,
    setCarried: (node: SupplyNode | undefined): void => {
      setProblem('');
      setCarried(node);
    },
  };
}

interface RowProps {
  readonly row: SupplyRow;
  readonly closed: boolean;
  readonly on: boolean;
  readonly inHand: boolean;
  /** It is the one that Tab comes to. */
  readonly first: boolean;
  readonly dropping: boolean;
  readonly onSelect: () => void;
  readonly onOpen: (on: boolean) => void;
  readonly onKey: (event: KeyboardEvent) => void;
  readonly onGrab: () => void;
  readonly onDrop: () => void;
  readonly onLetGo: () => void;
}

const SORT_MARKS: Readonly<Record<SupplyNode['sort'], string>> = {
  building: '▣',
  residual: '◐',
  circuit: '▭',
  socket: '◎',
  strip: '▤',
  supply: '⇄',
  battery: '▮',
  device: '·',
  unfed: '',
};

function Row({ row, closed, on, inHand, first, dropping, ...does }: RowProps) {
  const { node, depth, goesOn } = row;
  const flag = useFlags();
  const severity = node.judged && flag(node.judged);
  const tone = severity === 'stop' ? 'text-stop' : severity === 'risk' ? 'text-risk' : '';
  const hasMore = node.children.length > 0;
  return (
    <li
      role="treeitem"
      aria-level={depth + 1}
      aria-selected={on}
      {...(hasMore && { 'aria-expanded': !closed })}
      tabIndex={first ? 0 : -1}
      className={`supply-row cursor-pointer ${on ? 'bg-shade' : ''} ${inHand ? 'opacity-60' : ''} ${dropping ? 'supply-takes' : ''}`}
      draggable={node.moves}
      onDragStart={event => {
        event.dataTransfer.setData('text/plain', node.label);
        does.onGrab();
      }}
      onDragOver={event => dropping && event.preventDefault()}
      onDrop={event => {
        event.preventDefault();
        does.onDrop();
      }}
      onDragEnd={does.onLetGo}
      onClick={does.onSelect}
      onKeyDown={does.onKey}
    >
      <span className="flex items-center min-w-0">
        <Branch depth={depth} goesOn={goesOn} weight={node.weight} />
        <button
          tabIndex={-1}
          aria-hidden="true"
          className={`w-4 shrink-0 text-faint ${hasMore ? '' : 'invisible'}`}
          onClick={event => {
            event.stopPropagation();
            does.onOpen(closed);
          }}
        >
          {closed ? '▸' : '▾'}
        </button>
        <span className="w-5 shrink-0 text-faint text-center mr-1" aria-hidden="true">
          {SORT_MARKS[node.sort]}
        </span>
        <span className="truncate">
          {node.label}
          {node.mark && <span className="text-faint text-[12.5px]"> · {node.mark}</span>}
        </span>
      </span>
      <span className="value">{node.amps}</span>
      <span className="value">{node.watts}</span>
      <span className="value">{node.lost}</span>
      <span className={`truncate ${tone || 'text-faint'}`}>
        {severity === 'stop' ? '◆ ' : severity === 'risk' ? '◇ ' : ''}
        {node.verdict}
      </span>
    </li>
  );
}

const STEP = 18;
const HIGH = 28;

/** The lines before a name: straight on where a branch follows, and the elbow of its own, as thick as its current. */
function Branch({ depth, goesOn, weight }: { depth: number; goesOn: readonly boolean[]; weight: number }) {
  if (depth === 0) return null;
  const x = (depth - 0.5) * STEP;
  return (
    <svg
      width={depth * STEP}
      height={HIGH}
      className="shrink-0"
      aria-hidden="true"
      stroke="var(--faint)"
      fill="none"
    >
      {goesOn
        .slice(1, -1)
        .map((on, i) =>
          on ? <path key={i} d={`M${(i + 0.5) * STEP} 0V${HIGH}`} strokeWidth={1} opacity={0.6} /> : null,
        )}
      {goesOn.at(-1) && <path d={`M${x} 0V${HIGH}`} strokeWidth={1} opacity={0.6} />}
      <path
        d={`M${x} 0V${HIGH / 2}H${depth * STEP}`}
        strokeWidth={weight}
        stroke="var(--brass)"
        strokeLinejoin="round"
      />
    </svg>
  );
}
