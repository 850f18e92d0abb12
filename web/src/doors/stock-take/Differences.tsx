import { counted } from '@idle-satchel/core';
import { chosenChanges, wayOf, type Difference } from '@idle-satchel/core/stock-take';
import { GuardedButton } from '../../ui/GuardedButton.js';
import type { OpenTake } from './use-take.js';

const LEFT = 'left';

/** Everything that differs from what the shelf says, and how each is settled; nothing is written before one says so. */
export function Differences({ open, differences }: { open: OpenTake; differences: readonly Difference[] }) {
  const { take, chosen, choose, write, busy } = open;
  const changes = chosenChanges(differences, chosen);
  const none = Object.keys(take.seen).length === 0 && take.visited.length === 0;
  return (
    <>
      {none && <p className="py-3">Nothing was looked at yet.</p>}
      {!none && differences.length === 0 && (
        <p className="py-3 text-done">✓ Everything that was looked at is as the shelf says.</p>
      )}
      <ul>
        {differences.map(difference => {
          const { key, item, words, ways } = difference;
          return (
            <li key={key} className="border-b border-rule py-2">
              <p>
                <span className="tape">{item.tape}</span> {words}.
              </p>
              <select
                className="field w-full"
                aria-label={`What is done about ${item.tape}: ${words}`}
                value={wayOf(difference, chosen) ?? LEFT}
                onChange={({ target: { value } }) =>
                  choose({ ...chosen, [key]: value === LEFT ? undefined : Number(value) })
                }
              >
                {ways.map(({ label }, i) => (
                  <option key={label} value={i}>
                    {label}
                  </option>
                ))}
                <option value={LEFT}>Leave it as the shelf says</option>
              </select>
            </li>
          );
        })}
      </ul>
      {take.unknown.length > 0 && (
        <p className="py-2">
          Not on the shelf: <span className="tape">{take.unknown.join(', ')}</span>. Put them there with a
          list.
        </p>
      )}
      {!none && (
        <p className="py-3">
          <GuardedButton
            className="button button-main big"
            why={busy ? 'It is being written …' : undefined}
            onClick={() => void write()}
          >
            {changes.length === 0
              ? 'Done: nothing to write'
              : `Write ${counted(changes.length, 'change', 'changes')} to the shelf`}
          </GuardedButton>
        </p>
      )}
    </>
  );
}
