import { STATIONS, type Snag, type StationName } from '@idle-satchel/core';
import { Suspense, useEffect, useRef, useState } from 'react';
import { Link, useParams } from 'wouter';
import { useEvent } from '../store/hooks.js';
import { fetched } from '../ui/fetched.js';
import { STATION_KEYS } from '../ui/shortcuts.js';
import { STATION_WORDS } from '../ui/station-words.js';

const BuckleDialog = fetched(() => import('./BuckleDialog.js'));

const KEY_OF = Object.fromEntries(Object.entries(STATION_KEYS).map(([key, name]) => [name, key]));

interface Mark {
  readonly kind: 'stop' | 'snag' | 'buckled' | 'open';
  readonly words: string;
  /** The same at length, where the strap is too narrow for it. */
  readonly atLength?: string;
}

const plural = (count: number, word: string): string => `${count} ${word}${count === 1 ? '' : 's'}`;

/** Stops and all snags of a station as one text, `1/3`. */
function countsOf(snags: readonly Snag[], name: StationName): string {
  const own = snags.filter(snag => snag.station === name);
  return `${own.filter(snag => snag.severity === 'stop').length}/${own.length}`;
}

function markOf(counts: string, buckled: boolean): Mark {
  const [stops = 0, snags = 0] = counts.split('/').map(Number);
  if (stops > 0) return { kind: 'stop', words: plural(stops, 'stop') };
  if (buckled && snags > 0) {
    const atLength = `buckled over ${plural(snags, 'snag')}`;
    return { kind: 'buckled', words: `buckled · ${snags}`, atLength };
  }
  if (buckled) return { kind: 'buckled', words: 'buckled' };
  if (snags > 0) return { kind: 'snag', words: plural(snags, 'snag') };
  return { kind: 'open', words: 'open' };
}

/** The stations in working order, each with its buckle. */
export function Strap({ station }: { station: StationName }) {
  return (
    <nav className="strap overflow-x-auto [contain:content]" aria-label="Stations">
      {STATIONS.map(name => (
        <Station key={name} name={name} current={name === station} />
      ))}
    </nav>
  );
}

function Station({ name, current }: { name: StationName; current: boolean }) {
  const { event = '' } = useParams();
  const [signing, setSigning] = useState(false);
  const link = useRef<HTMLAnchorElement>(null);
  // On a narrow screen the strap is wider than the page: the station one is at stands in its middle.
  useEffect(() => {
    if (current) link.current?.scrollIntoView({ block: 'nearest', inline: 'center' });
  }, [current]);
  const buckle = useEvent(state => state.assessment.buckles[name]);
  // One text per station: while something is dragged it mostly stays the same, and nothing is drawn again.
  const counts = useEvent(({ assessment }) => countsOf(assessment.snags, name));
  const mark = markOf(counts, buckle.state === 'buckled');
  const checked = useEvent(state => state.checked);
  const words = !checked ? '…' : buckle.state === 'reopened' ? 'reopened' : mark.words;
  const atLength = words === mark.words ? (mark.atLength ?? words) : words;
  const tone = current
    ? { stop: 'text-stop', snag: 'text-risk', buckled: '', open: '' }
    : { stop: 'text-(--strap-stop)', snag: 'text-(--strap-risk)', buckled: '', open: '' };
  const glyph = {
    stop: 'rotate-45 bg-current border-current',
    snag: 'rotate-45 border-current',
    buckled: 'bg-current border-current',
    open: 'border-current',
  };
  return (
    <div
      className={`flex-1 min-w-[104px] relative pt-2 pb-2 pl-3 pr-1 ${current ? 'bg-paper text-ink' : ''}`}
    >
      <Link
        ref={link}
        to={`/events/${event}/${name}`}
        aria-current={current ? 'page' : undefined}
        className="block font-tape font-medium text-[18px] leading-tight tracking-wide"
      >
        <span className="font-sans text-[12px] opacity-70 mr-1.5" aria-hidden>
          {KEY_OF[name]}
        </span>
        {STATION_WORDS[name]}
      </Link>
      <button
        className={`block text-[12.5px] mt-0.5 ${tone[mark.kind]}`}
        aria-label={`Buckle of ${STATION_WORDS[name]}: ${checked ? atLength : 'checking'}`}
        disabled={!checked}
        title={
          !checked
            ? 'Its figures are still being worked out'
            : current
              ? 'Sign this station off'
              : `${STATION_WORDS[name]}: ${atLength}`
        }
        onClick={() => setSigning(true)}
      >
        <i aria-hidden className={`inline-block w-[9px] h-[9px] border-[1.5px] mr-1.5 ${glyph[mark.kind]}`} />
        {words}
      </button>
      {signing && (
        <Suspense>
          <BuckleDialog name={name} onClose={() => setSigning(false)} />
        </Suspense>
      )}
    </div>
  );
}
