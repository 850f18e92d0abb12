import { Heading } from '../../ledger/Ledger.js';
import { useEvent, useResult } from '../../store/hooks.js';

/** Marks by cameras: who could take the shot a mark is wanted in, and what is in the way of the others. */
export default function CoverageTable() {
  const { coverage, cameras } = useResult('shots');
  const marks = useEvent(({ assessment }) => assessment.ground.venue.marks);
  const rows = Object.entries(coverage);
  if (rows.length === 0) return null;
  return (
    <section aria-label="Coverage" className="mt-4">
      <Heading right="who could take each shot">Coverage</Heading>
      <div className="overflow-x-auto">
        <table className="w-full text-[13px]">
          <thead>
            <tr className="text-faint text-left border-b border-rule">
              <th scope="col" className="font-normal py-1 pr-2">
                Mark
              </th>
              {Object.entries(cameras).map(([id, { label }]) => (
                <th key={id} scope="col" className="font-normal py-1 px-1">
                  {label}
                </th>
              ))}
              <th scope="col" className="font-normal py-1 pl-1 text-right">
                Could
              </th>
            </tr>
          </thead>
          <tbody>
            {rows.map(([mark, { size, cameras: verdicts, count }]) => (
              <tr key={mark} className="border-b border-rule">
                <th scope="row" className="font-normal text-left py-1 pr-2 border-rule">
                  {marks?.[mark]?.label ?? 'a lost mark'}
                  <span className="block text-faint">{size}</span>
                </th>
                {Object.keys(cameras).map(id => {
                  const verdict = verdicts[id]?.value;
                  return (
                    <td key={id} className={`py-1 px-1 ${verdict === 'yes' ? 'font-bold' : 'text-faint'}`}>
                      {verdict === 'yes' ? '● yes' : (verdict ?? 'no place')}
                    </td>
                  );
                })}
                <td
                  className={`py-1 pl-1 text-right tabular-nums ${Number(count.value) > 1 ? '' : 'text-risk font-bold'}`}
                >
                  {count.value}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}
