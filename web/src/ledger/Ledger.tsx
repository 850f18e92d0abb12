import { figureAt, isFigure, show, showText, type Figure, type Term } from '@idle-satchel/core';
import { memo, useEffect, useRef, type ReactNode } from 'react';
import { useShortcuts } from '../ui/shortcuts.js';
import { useEvent, useOpenEvent, useReading, useUi } from '../store/hooks.js';
import { useFlag } from './flags.js';

const GLYPH = { stop: '◆ ', risk: '◇ ' } as const;
const TONE = { stop: 'text-stop', risk: 'text-risk' } as const;

/**
 * One ruled line: name, value, unit; `w` or a click shows the working beneath. A declared figure brings its label,
 * its path and its flag along.
 */
export const FigureRow = memo(function FigureRow({
  figure,
  label = figure.of.label,
  because = figure,
  unit,
  children,
}: {
  figure: Figure;
  /** Where the line is called otherwise: by the thing it is of. */
  label?: ReactNode;
  /** The figure whose snags flag the line, where that is another one. */
  because?: Figure;
  /** Words after the unit, such as `wide`. */
  unit?: string;
  children?: ReactNode;
}) {
  const { ui } = useOpenEvent();
  const { path } = figure;
  const flag = useFlag(because.path);
  const reading = useReading();
  const open = useUi(state => state.working) === path;
  const shown = show(figure.value, figure.unit, reading);
  const text = shown.text;
  const words = typeof figure.value === 'string' && figure.unit !== 'instant';
  const row = useRef<HTMLButtonElement>(null);
  // It may have been opened from somewhere else: by the finder, or from a term of another figure.
  useEffect(() => {
    if (open) row.current?.scrollIntoView({ block: 'nearest' });
  }, [open]);
  return (
    <>
      <button
        ref={row}
        className="row"
        data-figure={path}
        aria-expanded={open}
        onClick={() => ui.set({ working: open ? undefined : path })}
      >
        <span>
          {flag && (
            <span className={TONE[flag]}>
              <span aria-hidden>{GLYPH[flag]}</span>
              <span className="sr-only">{flag}: </span>
            </span>
          )}
          {label}
        </span>
        {words ? (
          <span className={`value-words ${flag ? TONE[flag] : ''}`}>{text}</span>
        ) : (
          <>
            <span className={`value ${flag ? TONE[flag] : ''}`}>{text}</span>
            <span className="text-faint">
              {figure.value === null ? '' : [shown.unit, unit].filter(Boolean).join(' ')}
            </span>
          </>
        )}
        {(children || (figure.value === null && figure.why)) && (
          <span className="why">{children ?? figure.why}</span>
        )}
      </button>
      {open && <WorkingBlock figure={figure} label={label} />}
    </>
  );
});

/** Declared figures as lines, in the order they are worked out. */
export function FigureRows({ of }: { of: object }) {
  return Object.values(of)
    .filter(isFigure)
    .map(figure => <FigureRow key={figure.path} figure={figure} />);
}

const SUPERSCRIPT: Readonly<Record<string, string>> = { '^ 2': '²', '^ 3': '³' };

const pretty = (formula: string): string =>
  formula
    .replace(/ ?(\^ [23])\b/g, (_, power: string) => SUPERSCRIPT[power] ?? power)
    .replaceAll(' * ', ' · ');

/** Formula, terms with units and where each comes from, rule and source. */
function WorkingBlock({ figure, label }: { figure: Figure; label: ReactNode }) {
  const reading = useReading();
  const { formula, method, terms, rule, source } = figure.working;
  return (
    <div className="working" role="note" aria-label="Working">
      <div className="text-faint text-[12.5px]">working · {label}</div>
      {formula && (
        <div>
          {pretty(formula)} = <b className="font-semibold">{showText(figure.value, figure.unit, reading)}</b>
        </div>
      )}
      {method && <div>{method}</div>}
      {terms.length > 0 && (
        <ul className="mt-1">
          {terms.map((term, i) => (
            <TermLine key={i} term={term} />
          ))}
        </ul>
      )}
      {(rule ?? source) && (
        <div className="text-faint text-[12.5px] mt-1">{[rule, source].filter(Boolean).join(' · ')}</div>
      )}
      {figure.why && <div className="text-faint text-[12.5px]">{figure.why}</div>}
    </div>
  );
}

function TermLine({ term: { name, value, unit, from } }: { term: Term }) {
  const { ui } = useOpenEvent();
  const reading = useReading();
  const known = useEvent(({ assessment }) =>
    'figure' in from ? figureAt(assessment, from.figure) !== undefined : false,
  );
  return (
    <li>
      {name} = {showText(value, unit, reading)}{' '}
      <span className="text-faint text-[12.5px]">
        {'source' in from && from.source}
        {'document' in from && `${from.document} ${from.pointer}`}
        {'figure' in from &&
          (known ? (
            <button
              className="link"
              onClick={() => openFigure(from.figure, path => ui.set({ working: path }))}
            >
              {from.figure}
            </button>
          ) : (
            from.figure
          ))}
      </span>
    </li>
  );
}

/** Opens the working of another figure when it stands on this page. */
function openFigure(path: string, open: (path: string) => void): void {
  const row = document.querySelector<HTMLElement>(`[data-figure="${CSS.escape(path)}"]`);
  if (!row) return;
  open(path);
  row.focus();
}

/** `w` shows the working of the figure in focus, else of the one under the pointer. */
export function useWorkingKey(): void {
  const { ui } = useOpenEvent();
  const hovered = useRef<string | undefined>(undefined);
  useShortcuts({
    w: () => {
      const row =
        document.activeElement?.closest('[data-figure]') ?? document.querySelector('[data-figure]:hover');
      const path = row?.getAttribute('data-figure') ?? hovered.current ?? ui.get().working;
      if (!path) return false;
      hovered.current = path;
      ui.set({ working: ui.get().working === path ? undefined : path });
      return true;
    },
  });
}

/** A heading of the ledger with what it is about in bold. */
export function Heading({
  children,
  about,
  right,
}: {
  children: ReactNode;
  about?: ReactNode;
  right?: ReactNode;
}) {
  return (
    <h3>
      {children} {about && <b>{about}</b>}
      {right && <span className="float-right">{right}</span>}
    </h3>
  );
}
