import { showText } from '@idle-satchel/core';
import { cableOf, compared, letterOf, REASON_WORDS, type Layouts } from '@idle-satchel/core/searches';
import { useMemo, type ReactNode } from 'react';
import { useReading } from '../../../store/hooks.js';

/** The layouts found, side by side: what each makes of every shot, and what it costs. */
export function LayoutTable({
  found,
  chosen,
  onChoose,
}: {
  found: Layouts;
  chosen: number;
  onChoose: (index: number) => void;
}) {
  const reading = useReading();
  const rows = useMemo(() => compared(found), [found]);
  const percent = (share: number): string => showText(share * 100, '%', reading);
  const lit = (index: number): string => (index === chosen ? 'bg-shade' : '');
  const row = (label: string, cells: readonly ReactNode[]): ReactNode => (
    <tr className="border-b border-rule">
      <th scope="row" className="font-normal text-left py-1 pr-2 border-rule text-faint">
        {label}
      </th>
      {cells.map((cell, i) => (
        <td key={i} className={`py-1 px-1 tabular-nums ${lit(i)}`}>
          {cell}
        </td>
      ))}
    </tr>
  );
  return (
    <div className="overflow-x-auto">
      <table className="w-full text-[13px]">
        <thead>
          <tr className="border-b border-ink text-left">
            <th scope="col" className="font-normal text-faint py-1">
              Way
            </th>
            {found.layouts.map((_, i) => (
              <th key={i} scope="col" className={`py-1 px-1 ${lit(i)}`}>
                <button className="button w-full" aria-pressed={i === chosen} onClick={() => onChoose(i)}>
                  {letterOf(i)}
                </button>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {row(
            'Worth, points',
            found.layouts.map(({ value }) => showText(value, '', reading)),
          )}
          {row(
            'How sure',
            found.layouts.map(({ gap }) => (gap === 0 ? 'proven' : `within ${percent(gap)}`)),
          )}
          {rows.map(({ shot, label, by }) => (
            <tr key={shot} className="border-b border-rule align-top">
              <th scope="row" className="font-normal text-left py-1 pr-2 border-rule">
                {label}
              </th>
              {by.map((taker, i) => (
                <td key={i} className={`py-1 px-1 ${lit(i)} ${taker ? '' : 'text-stop font-bold'}`}>
                  {taker ? (
                    <>
                      <span className="tabular-nums">{percent(taker.quality)}</span>
                      <span className="block text-faint text-[12px] leading-tight">
                        {taker.camera}
                        {taker.twice ? ' + 1' : ''}
                      </span>
                      {taker.worst && (
                        <span className="block text-faint text-[12px] leading-tight">
                          {REASON_WORDS[taker.worst]}
                        </span>
                      )}
                    </>
                  ) : (
                    'nobody'
                  )}
                </td>
              ))}
            </tr>
          ))}
          {row(
            'Cable',
            found.layouts.map(layout => {
              const cable = cableOf(layout);
              return cable === undefined ? '–' : showText(cable, 'm', reading);
            }),
          )}
          {row(
            'Seats disturbed',
            found.layouts.map(({ drawn }) => percent(drawn)),
          )}
          {row(
            'Best without',
            found.layouts.map(({ without }) => (without ? `the place of ${without}` : '–')),
          )}
        </tbody>
      </table>
    </div>
  );
}
