import { addItemsPatch, readRunningOrder } from '@idle-satchel/core';
import { useMemo } from 'react';
import { useEvent, useStore } from '../../store/hooks.js';
import { Dialog } from '../../ui/Dialog.js';
import { useKept } from '../../ui/use-kept.js';
import { GuardedButton } from '../../ui/GuardedButton.js';

const EXAMPLE = '19:00 Welcome 5\nTalk 30 lectern\nChoir 18';

/** A running order pasted as text: what is read of each line stands beside it before anything is added. */
export default function PasteDialog({ onClose }: { onClose: () => void }) {
  const store = useStore();
  const marks = useEvent(state => state.assessment.ground.venue.marks);
  const [{ text }, keep, drop] = useKept('running order', { text: '' });
  const close = (): void => {
    drop();
    onClose();
  };
  const lines = useMemo(() => readRunningOrder(text, marks), [text, marks]);
  const items = lines.flatMap(({ item }) => item ?? []);
  const add = (): void => {
    store.patchPlan('Paste the running order', addItemsPatch(store.get().bundle.plan, items));
    close();
  };
  return (
    <Dialog title="Paste the running order" onClose={close}>
      <p className="text-faint">
        One item on a line: what happens and how many minutes, with its time before and its place after where
        you have them.
      </p>
      <textarea
        className="field w-full h-32 mt-2"
        aria-label="The running order"
        placeholder={EXAMPLE}
        autoFocus
        value={text}
        onChange={event => keep({ text: event.target.value })}
      />
      {lines.length > 0 && (
        <table aria-label="What is read">
          <thead>
            <tr>
              <th>Item</th>
              <th className="text-right">Minutes</th>
              <th>Where</th>
            </tr>
          </thead>
          <tbody>
            {lines.map(({ text: line, item, fault }, i) => (
              <tr key={i}>
                <td>{item?.label ?? line}</td>
                <td className="text-right">{item ? `${item.minutes} min` : ''}</td>
                <td>
                  {fault ? (
                    <span className="text-stop">{fault}</span>
                  ) : (
                    (marks?.[item?.mark ?? '']?.label ?? '–')
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      <p className="pt-3 text-right">
        <GuardedButton
          className="button button-main"
          why={items.length === 0 ? 'no line can be read as an item yet' : undefined}
          onClick={add}
        >
          Add {items.length} {items.length === 1 ? 'item' : 'items'}
        </GuardedButton>
      </p>
    </Dialog>
  );
}
