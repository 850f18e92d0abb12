import { useRef } from 'react';

/** Bytes of the largest event file that is read. */
const LARGEST = 4e6;

/** Chooses an event file to take over. */
export function ImportFile({
  onFile,
  onRefused,
}: {
  onFile: (file: File) => void;
  onRefused: (reason: string) => void;
}) {
  const file = useRef<HTMLInputElement>(null);
  return (
    <>
      <button className="button" onClick={() => file.current?.click()}>
        Import a file
      </button>
      <input
        ref={file}
        type="file"
        accept=".json,application/json"
        className="sr-only"
        tabIndex={-1}
        aria-label="Event file to import"
        onChange={event => {
          const chosen = event.target.files?.[0];
          event.target.value = '';
          if (chosen && chosen.size > LARGEST) onRefused('The file is larger than 4 MB and was not read.');
          else if (chosen) onFile(chosen);
        }}
      />
    </>
  );
}
