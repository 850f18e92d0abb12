import { bucklePatch, STATIONS, type Snag, type StationName } from '@idle-satchel/core';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { keepName, signedName } from '../api/signature.js';
import { useEvent, useStore } from '../store/hooks.js';
import { Dialog } from './Dialog.js';
import { STATION_KEYS } from './shortcuts.js';
import { STATION_WORDS } from './station-words.js';

const KEY_OF = Object.fromEntries(Object.entries(STATION_KEYS).map(([key, name]) => [name, key]));

interface Mark {
  readonly kind: 'stop' | 'snag' | 'buckled' | 'open';
  readonly words: string;
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
  const buckle = useEvent(state => state.assessment.buckles[name]);
  // One text per station: while something is dragged it mostly stays the same, and nothing is drawn again.
  const counts = useEvent(({ assessment }) => countsOf(assessment.snags, name));
  const mark = markOf(counts, buckle.state === 'buckled');
  const words = buckle.state === 'reopened' ? 'reopened' : mark.words;
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
        aria-label={`Buckle of ${STATION_WORDS[name]}: ${words}`}
        title={current ? 'Sign this station off' : `${STATION_WORDS[name]}: ${words}`}
        onClick={() => setSigning(true)}
      >
        <i aria-hidden className={`inline-block w-[9px] h-[9px] border-[1.5px] mr-1.5 ${glyph[mark.kind]}`} />
        {words}
      </button>
      {signing && <BuckleDialog name={name} onClose={() => setSigning(false)} />}
    </div>
  );
}

function BuckleDialog({ name, onClose }: { name: StationName; onClose: () => void }) {
  const store = useStore();
  const [by, setBy] = useState(signedName());
  const buckle = useEvent(state => state.assessment.buckles[name]);
  const title = STATION_WORDS[name];
  const sign = (): void => {
    const { bundle, assessment } = store.get();
    keepName(by.trim());
    const everySnag = [...assessment.snags, ...assessment.accepted.map(each => each.snag)];
    const signature = { by: by.trim(), at: new Date().toISOString() };
    store.patchPlan(`Buckle ${title}`, bucklePatch(name, bundle.plan, assessment, everySnag, signature));
    onClose();
  };
  const open = (): void => {
    store.patchPlan(`Unbuckle ${title}`, [{ op: 'remove', path: `/buckles/${name}` }]);
    onClose();
  };
  return (
    <Dialog title={`Buckle ${title}`} onClose={onClose}>
      {buckle.state !== 'open' && (
        <p className="mb-2">
          {buckle.state === 'buckled' ? 'Buckled' : 'Was buckled'} by {buckle.by},{' '}
          {new Date(buckle.at ?? '').toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short' })}.
        </p>
      )}
      {buckle.state === 'reopened' && (
        <div className="mb-3">
          <p>It opened again by itself, because this changed:</p>
          <table className="mt-1">
            <thead>
              <tr>
                <th>What</th>
                <th>Then</th>
                <th>Now</th>
              </tr>
            </thead>
            <tbody>
              {buckle.differences.slice(0, 12).map(({ path, before, now }) => (
                <tr key={path}>
                  <td className="break-all">{path}</td>
                  <td>{before}</td>
                  <td>{now}</td>
                </tr>
              ))}
            </tbody>
          </table>
          {buckle.differences.length > 12 && (
            <p className="text-faint">and {buckle.differences.length - 12} more</p>
          )}
        </div>
      )}
      <p className="text-faint mb-3">
        Signing says: I have looked at everything here and stand by it. It opens again by itself when anything
        it shows changes.
      </p>
      <form
        className="flex flex-wrap items-end gap-3"
        onSubmit={event => {
          event.preventDefault();
          sign();
        }}
      >
        <label className="grow">
          Your name
          <input
            className="field w-full"
            required
            maxLength={80}
            value={by}
            onChange={e => setBy(e.target.value)}
            autoFocus
          />
        </label>
        {buckle.state !== 'open' && (
          <button type="button" className="button" onClick={open}>
            Unbuckle
          </button>
        )}
        <button className="button button-main" disabled={by.trim() === ''}>
          Buckle
        </button>
      </form>
    </Dialog>
  );
}
