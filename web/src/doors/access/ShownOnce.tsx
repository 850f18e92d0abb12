import { useState } from 'react';

/** A link that is shown once: what is kept of it cannot be shown again. */
export function ShownOnce({ label, link, onDone }: { label: string; link: string; onDone: () => void }) {
  const [copied, setCopied] = useState(false);
  const copy = (): void =>
    void navigator.clipboard?.writeText(link).then(
      () => setCopied(true),
      () => undefined,
    );
  return (
    <div role="status" className="border border-brass px-3 py-2 my-2">
      <p className="mb-1">{label} It is shown this once; give it to nobody else.</p>
      <p className="flex flex-wrap gap-3 items-center">
        <input
          className="field grow min-w-[20ch]"
          aria-label="The link"
          readOnly
          value={link}
          onFocus={event => event.target.select()}
        />
        <button className="button" onClick={copy}>
          {copied ? 'Copied' : 'Copy'}
        </button>
        <button className="link" onClick={onDone}>
          Done with it
        </button>
      </p>
    </div>
  );
}
