import { useState } from 'react';

/** Copies a text, and says whether that worked; nothing where a browser cannot. */
export function CopyIt({ text }: { text: string }) {
  const [said, setSaid] = useState('');
  if (!('clipboard' in navigator)) return null;
  const copy = (): void =>
    void navigator.clipboard.writeText(text).then(
      () => setSaid('Copied.'),
      () => setSaid('It could not be copied: mark it and copy it yourself.'),
    );
  return (
    <>
      <button className="button" onClick={copy}>
        Copy it
      </button>
      <span role="status" className="text-faint">
        {said}
      </span>
    </>
  );
}
