import { Suspense, useState } from 'react';
import { fetched } from '../../ui/fetched.js';

const CodeReader = fetched(() => import('./CodeReader.js'));

/** Browsers let only pages that are served securely use a camera. */
const mayUseCamera = (): boolean => window.isSecureContext && 'mediaDevices' in navigator;

/** The code of a thing, typed or read from its label by the camera. */
export function ByCode({ read, onCode }: { read: string; onCode: (code: string) => void }) {
  const [code, setCode] = useState('');
  const [looking, setLooking] = useState(false);
  return (
    <form
      aria-label="By code"
      className="py-2 border-b border-rule"
      onSubmit={event => {
        event.preventDefault();
        if (code.trim() !== '') onCode(code.trim());
        setCode('');
      }}
    >
      <p className="flex flex-wrap gap-2 items-center">
        <input
          className="field grow min-w-32"
          aria-label="Tape code"
          placeholder="Tape code"
          autoCapitalize="characters"
          autoComplete="off"
          maxLength={200}
          value={code}
          onChange={event => setCode(event.target.value)}
        />
        <button className="button big">It is here</button>
        {mayUseCamera() ? (
          <button
            type="button"
            className="button big"
            aria-expanded={looking}
            onClick={() => setLooking(!looking)}
          >
            {looking ? 'Camera off' : 'Read codes'}
          </button>
        ) : (
          <span className="text-faint text-[13px]">
            The camera reads codes only where this page is served securely.
          </span>
        )}
      </p>
      {looking && (
        <Suspense fallback={<p className="text-faint">…</p>}>
          <CodeReader onCode={onCode} />
        </Suspense>
      )}
      <p role="status" className="min-h-6">
        {read}
      </p>
    </form>
  );
}
