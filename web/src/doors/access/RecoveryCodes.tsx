import { saveText } from '../../exchange/save-file.js';
import { Dialog } from '../../ui/Dialog.js';

/** Codes for when the phone is gone, shown once. */
export function RecoveryCodes({ codes, onClose }: { codes: readonly string[]; onClose: () => void }) {
  return (
    <Dialog title="Codes on paper" onClose={onClose}>
      <p className="mb-2">
        When the phone is gone, one of these stands for its code, each once. They are shown this once: print
        or write them down, and keep them where you keep keys.
      </p>
      <ul className="grid grid-cols-2 max-w-lg mb-3" aria-label="Codes">
        {codes.map(code => (
          <li key={code} className="select-all">
            {code}
          </li>
        ))}
      </ul>
      <p className="flex gap-3 justify-end">
        <button
          className="button"
          onClick={() => saveText(`${codes.join('\n')}\n`, 'text/plain', 'codes on paper', 'txt')}
        >
          Save as a file
        </button>
        <button className="button button-main" onClick={onClose}>
          I have them
        </button>
      </p>
    </Dialog>
  );
}
