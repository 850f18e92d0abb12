import { showText, type Point } from '@idle-satchel/core';
import { galleryAt, REASON_WORDS } from '@idle-satchel/core/searches';
import { useState } from 'react';
import { LengthField } from '../../../ledger/LengthField.js';
import { useEvent, useReading } from '../../../store/hooks.js';
import type { Asked } from './positions.js';
import { askWhyNot } from './searching.js';

/** Why a place was not chosen: pointed at on the plan, or typed. */
export function AskPlace({ asked }: { asked: Asked | undefined }) {
  const reading = useReading();
  const venue = useEvent(state => state.assessment.ground.venue);
  const [at, setAt] = useState<Point>([0, 0]);
  const [x, y] = asked?.at ?? at;
  const percent = (share: number): string => showText(share * 100, '%', reading);
  const answer = asked?.answer;
  return (
    <section aria-label="Why not there" className="pt-3">
      <p className="text-faint">
        Why is no camera somewhere else? Point at the place on the plan, or type it.
      </p>
      <div className="grid grid-cols-[1fr_1fr_auto] gap-x-4 items-end">
        <LengthField label="East" value={x} onCommit={metres => setAt([metres, y])} />
        <LengthField label="South" value={y} onCommit={metres => setAt([x, metres])} />
        <button className="button mb-1" onClick={() => askWhyNot(at, galleryAt(venue, at))}>
          Ask
        </button>
      </div>
      <p role="status" className="min-h-6">
        {asked && !answer && 'Looking …'}
        {answer?.reason && `No camera there: ${answer.reason}.`}
        {answer?.layout &&
          (answer.loses === 0
            ? 'A camera there does just as well.'
            : `With a camera there the best is worth ${showText(answer.layout.value, '', reading)} points, ${percent(answer.loses)} less. ${answer.layout.givesUp
                .map(
                  ({ label, from, to, worst }) =>
                    `${label}: ${percent(from)} → ${percent(to)}${worst ? `, ${REASON_WORDS[worst]}` : ''}`,
                )
                .join('. ')}`)}
      </p>
    </section>
  );
}
