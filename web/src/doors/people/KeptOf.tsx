import type { PersonData } from '@idle-satchel/core/api';
import { useQuery } from '@tanstack/react-query';
import { organisationQuery } from '../../api/queries.js';
import { saveText } from '../../exchange/save-file.js';
import { useWhen } from '../access/when.js';
import { keptLines } from './kept-words.js';

/** What is kept of somebody, in short; all of it as a file. */
export function KeptOf({ data, name }: { data: PersonData; name: string }) {
  const when = useWhen();
  const dates = useQuery(organisationQuery).data?.dates;
  return (
    <>
      <dl className="grid grid-cols-[minmax(8rem,auto)_1fr] gap-x-4">
        {keptLines(data, when, dates).map(([what, kept]) => (
          <div key={`${what} ${kept}`} className="contents">
            <dt className="text-faint">{what}</dt>
            <dd>{kept}</dd>
          </div>
        ))}
      </dl>
      <button
        className="link mt-2"
        onClick={() =>
          saveText(`${JSON.stringify(data, null, 2)}\n`, 'application/json', `kept of ${name}`, 'json')
        }
      >
        Save all of it as a file
      </button>
    </>
  );
}
