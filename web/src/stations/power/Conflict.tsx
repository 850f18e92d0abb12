import { showText } from '@idle-satchel/core';
import type { ConflictSaid } from '@idle-satchel/core/searches';
import { useReading } from '../../store/hooks.js';

/** What cannot hold together, and what would have to give way. */
export function Conflict({ head, of: { rules, proven, relaxed } }: { head: string; of: ConflictSaid }) {
  const reading = useReading();
  return (
    <div className="mt-1">
      <p>
        <b>{head}</b> These cannot hold together
        {proven ? '' : ', and perhaps fewer of them'}:
      </p>
      <ul className="list-disc pl-5">
        {rules.map(words => (
          <li key={words}>{words}</li>
        ))}
      </ul>
      {relaxed.length > 0 && (
        <p>
          Least would have to give way:{' '}
          {relaxed
            .map(({ rule, by, unit }) =>
              unit === 'A'
                ? `${rule}, by ${showText(by, 'A', reading)}`
                : [rule, ...(unit === '' ? [] : [`by ${by} ${unit}`])].join(', '),
            )
            .join('; ')}
          .
        </p>
      )}
    </div>
  );
}
