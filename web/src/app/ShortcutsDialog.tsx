import { useState } from 'react';
import { Dialog } from '../ui/Dialog.js';
import { lettersOn, setLetters } from '../ui/shortcuts.js';
import { stepWords } from '../bench/use-steps.js';
import { useReading } from '../store/hooks.js';
import { shortcutsWith } from './shortcut-list.js';

export default function ShortcutsDialog({ onClose }: { onClose: () => void }) {
  const [letters, choose] = useState(lettersOn());
  return (
    <Dialog title="Keys" onClose={onClose}>
      <table>
        <tbody>
          {shortcutsWith(stepWords(useReading())).map(([keys, does]) => (
            <tr key={keys}>
              <td className="whitespace-nowrap">
                <kbd>{keys}</kbd>
              </td>
              <td>{does}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <label className="flex gap-2 mt-4 items-baseline">
        <input
          type="checkbox"
          checked={letters}
          onChange={event => {
            setLetters(event.target.checked);
            choose(event.target.checked);
          }}
        />
        Single letters are shortcuts on this device
      </label>
      <p className="mt-4 text-[13px]">
        <a className="link text-faint" href="/notices.txt" target="_blank" rel="noreferrer">
          Licences of what others made
        </a>
      </p>
    </Dialog>
  );
}
