import { showText } from '@idle-satchel/core';
import { REASON_WORDS, type Layout, type Position } from '@idle-satchel/core/searches';
import { useEvent, useReading } from '../../../store/hooks.js';
import { LeftOutList } from './LeftOutList.js';

/** The cameras of one layout: where each stands, what it serves, and buttons to refuse the place or insist on it. */
export function LayoutCards({
  layout,
  onRefuse,
  onInsist,
}: {
  layout: Layout;
  onRefuse: (position: Position) => void;
  onInsist: (position: Position) => void;
}) {
  const reading = useReading();
  const areas = useEvent(state => state.assessment.ground.venue.areas);
  const metres = (value: number): string => showText(value, 'm', reading);
  return (
    <>
      {layout.positions.map(position => {
        const { device, label, at, level, height, cable, serves, stays } = position;
        return (
          <section key={device} aria-label={`Place of ${label}`} className="py-2 border-b border-rule">
            <p className="flex flex-wrap gap-x-3 items-baseline">
              <span className="tape tape-small">{label}</span>
              <span>
                {metres(at[0])} east, {metres(at[1])} south
                {level !== undefined && `, ${areas?.[level]?.label ?? 'a gallery'}`}, lens at {metres(height)}
              </span>
            </p>
            <p className="text-faint text-[13px]">
              {serves.length === 0
                ? 'stands by'
                : serves
                    .map(({ label: shot, second, worst }) =>
                      [shot, second && 'second', worst && REASON_WORDS[worst]].filter(Boolean).join(' – '),
                    )
                    .join('; ')}
              . Cable {cable === undefined ? '–' : metres(cable)}.
            </p>
            {stays ? (
              <p className="text-faint text-[13px]">It stays where it is.</p>
            ) : (
              <p className="flex gap-4">
                <button className="link" onClick={() => onRefuse(position)}>
                  Not here
                </button>
                <button className="link" onClick={() => onInsist(position)}>
                  Keep one here
                </button>
              </p>
            )}
          </section>
        );
      })}
      {[
        ['Nobody takes', layout.unserved],
        ['Vital, but covered once only', layout.once],
      ].map(([words, labels]) =>
        labels && labels.length > 0 ? (
          <p key={String(words)} className="text-risk pt-1">
            {words}: {(labels as readonly string[]).join('; ')}.
          </p>
        ) : null,
      )}
      <LeftOutList left={layout.left} />
      {layout.givesUp.length > 0 && (
        <p className="pt-1">
          It gives up:{' '}
          {layout.givesUp
            .map(
              ({ label, from, to, worst }) =>
                `${label} ${showText(from * 100, '%', reading)} → ${showText(to * 100, '%', reading)}${worst ? ` (${REASON_WORDS[worst]})` : ''}`,
            )
            .join('; ')}
          .
        </p>
      )}
    </>
  );
}
