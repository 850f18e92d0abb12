import { counted, pacesToHouse } from '@idle-satchel/core';
import { learnedFrom, paceLines } from '@idle-satchel/core/work-log';
import { useQuery } from '@tanstack/react-query';
import { call } from '../api/client.js';
import { useEvent, useStore } from '../store/hooks.js';
import { useMay } from '../ui/me.js';

const timesWords = ({ times }: { readonly times: number }): string => `× ${times.toFixed(2)}`;

/** How long work takes here: what the house reckons with, what its log says, and one press to take that. */
export default function PaceRules() {
  const store = useStore();
  const rules = useEvent(({ bundle }) => bundle.rules);
  const changes = useMay('change', { document: 'rules', path: '/paces' });
  const log = useQuery({ queryKey: ['work log'], queryFn: () => call('GET /work-log', {}) });
  if (log.isPending) return <p className="text-faint">Reading what was done …</p>;
  if (log.isError) return <p className="text-stop">What was done could not be read: {log.error.message}</p>;
  const { paces, leftOut } = learnedFrom(log.data.pieces);
  const lines = paceLines(rules.paces, paces);
  if (lines.length === 0 && leftOut === 0)
    return (
      <p className="text-faint">
        Nothing is learned yet: under Day each piece of work is begun and done by a press.
      </p>
    );
  return (
    <>
      {lines.length > 0 && (
        <table className="text-[13px] w-full">
          <thead>
            <tr>
              <th>Work</th>
              <th className="text-right">Here now</th>
              <th className="text-right">By the log</th>
              <th className="text-right">From</th>
            </tr>
          </thead>
          <tbody>
            {lines.map(({ sort, words, kept, learned }) => (
              <tr key={sort}>
                <td>{words}</td>
                <td className="text-right">{kept ? timesWords(kept) : 'as usual'}</td>
                <td className="text-right">{learned && timesWords(learned)}</td>
                <td className="text-right">{learned && counted(learned.pieces, 'piece', 'pieces')}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {leftOut > 0 && (
        <p className="text-faint text-[13px]">
          {counted(leftOut, 'piece', 'pieces')} took less than a tenth of the usual time, or more than five
          times it: somebody pressed too late, and nothing is learned of those.
        </p>
      )}
      {changes && (
        <p className="flex gap-3 pt-1">
          <button
            className="button"
            disabled={Object.keys(paces).length === 0}
            onClick={() => store.commit('Reckon with what the log says', [pacesToHouse(paces)])}
          >
            Reckon with what the log says
          </button>
          {rules.paces && (
            <button
              className="button"
              onClick={() => store.commit('Reckon as is usual', [pacesToHouse(undefined)])}
            >
              Reckon as is usual
            </button>
          )}
        </p>
      )}
    </>
  );
}
