import { portCalled, portsOf, type Fit, type PluggedPort } from '@idle-satchel/core';
import { useMemo, useState } from 'react';
import { Heading } from '../../ledger/Ledger.js';
import { useEvent, useResult } from '../../store/hooks.js';
import { usePlug } from './use-plug.js';

/** Plugging by two codes or names, or from a list, with the reason for every port that does not fit. */
export function PlugFields() {
  const { wiring } = useResult('signal');
  const { fit, join } = usePlug();
  const [text, setText] = useState({ from: '', to: '' });
  const [problem, setProblem] = useState('');
  const ports = useMemo(() => portsOf(wiring), [wiring]);
  const from = portCalled(text.from, ports);
  const to = portCalled(text.to, ports);
  // What the shelf has decides whether an adapter is there.
  useEvent(state => state.bundle.shelf);
  const ends: readonly Ending[] = from ? ports.map(port => ({ port, fits: fit(from, port) })) : [];
  const sensible = ends.filter(({ fits }) => fits.fits);
  const refused = ends.filter(({ port, fits }) => !fits.fits && port.port.carries === from?.port.carries);
  const now = from && to ? fit(from, to) : undefined;
  const plug = (end = to): void => {
    if (!from || !end) return;
    const why = join(from, end);
    setProblem(why ?? '');
    if (why === undefined) setText({ from: '', to: '' });
  };
  return (
    <section aria-label="Plug in">
      <Heading>Plug in</Heading>
      <p className="text-faint text-[13px]">Pull from port to port in the drawing, or type codes or names.</p>
      <form
        className="grid grid-cols-[auto_1fr] gap-x-2 gap-y-1 items-baseline py-1"
        onSubmit={event => {
          event.preventDefault();
          plug();
        }}
      >
        <label htmlFor="plug-from">From</label>
        <input
          id="plug-from"
          className="field"
          list="ports-from"
          placeholder="code, or device · port"
          value={text.from}
          onChange={event => setText({ ...text, from: event.target.value })}
        />
        <label htmlFor="plug-to">Into</label>
        <input
          id="plug-to"
          className="field"
          list="ports-to"
          placeholder={from ? `${sensible.length} ports fit` : 'choose the first end'}
          value={text.to}
          onChange={event => setText({ ...text, to: event.target.value })}
        />
        <datalist id="ports-from">
          {ports.map(({ code, words }) => (
            <option key={code} value={`${code} ${words}`} />
          ))}
        </datalist>
        <datalist id="ports-to">
          {sensible.map(({ port: { code, words } }) => (
            <option key={code} value={`${code} ${words}`} />
          ))}
        </datalist>
        <span />
        <span className="flex gap-3 items-baseline">
          <button className="button" disabled={!now?.fits}>
            Plug in
          </button>
          <span className={now && !now.fits ? 'text-stop' : 'text-faint'} aria-live="polite">
            {problem || (now ? fitWords(now) : unknownWords(text, from, to))}
          </span>
        </span>
      </form>
      {from && <Endings sensible={sensible} refused={refused} onPlug={plug} />}
    </section>
  );
}

/** A port that a lead could end at, and whether it goes there. */
interface Ending {
  readonly port: PluggedPort;
  readonly fits: Fit;
}

function Endings({
  sensible,
  refused,
  onPlug,
}: {
  sensible: readonly Ending[];
  refused: readonly Ending[];
  onPlug: (port: PluggedPort) => void;
}) {
  return (
    <details>
      <summary className="text-faint">
        {sensible.length} fit, {refused.length} do not
      </summary>
      <ul className="text-[13px]">
        {sensible.map(({ port, fits }) => (
          <li key={port.code} className="border-b border-rule py-0.5">
            <button className="link" onClick={() => onPlug(port)}>
              {port.code} {port.words}
            </button>
            {fits.fits && fits.adapter !== undefined && (
              <span className="text-faint"> with “{fits.adapter}”</span>
            )}
          </li>
        ))}
        {refused.map(({ port, fits }) => (
          <li key={port.code} className="border-b border-rule py-0.5 text-faint">
            {port.code} {port.words}: {fits.fits ? '' : fits.why}
          </li>
        ))}
      </ul>
    </details>
  );
}

function fitWords(fit: Fit): string {
  if (!fit.fits) return `Not so: ${fit.why}.`;
  return fit.adapter === undefined ? 'The plugs fit.' : `With “${fit.adapter}”.`;
}

const unknownWords = (
  text: { readonly from: string; readonly to: string },
  from: PluggedPort | undefined,
  to: PluggedPort | undefined,
): string => ((text.from !== '' && !from) || (text.to !== '' && !to) ? 'No port is called that.' : '');
