import { wherePacked } from '@idle-satchel/core';
import { useId, useState } from 'react';
import { usePicture } from '../../offline/pictures.js';
import { usePlan, useResult } from '../../store/hooks.js';

/** More finds than these are not listed. */
const MOST = 8;

/** Finds any piece: its case, its layer, and what lies on it. */
export function WhereIs() {
  const pack = useResult('pack');
  const plan = usePlan(each => each);
  const [text, setText] = useState('');
  const id = useId();
  const found = wherePacked(text, pack, plan);
  return (
    <span className="flex flex-wrap gap-2 items-baseline">
      <label htmlFor={id}>Where is</label>
      <input
        id={id}
        type="search"
        className="field w-44"
        placeholder="name or tape code"
        value={text}
        onChange={event => setText(event.target.value)}
      />
      {text.trim() !== '' && (
        <span className="basis-full" aria-live="polite">
          {found.length === 0 && (
            <span className="text-faint">Nothing of that name is on the checklist.</span>
          )}
          {found.slice(0, MOST).map(({ line, label, purpose, tape, where }) => (
            <span key={line} className="block">
              {tape && <span className="tape tape-small">{tape}</span>} {purpose}{' '}
              <span className="text-faint">{label}</span> – <b>{where}</b>
              {plan.devices?.[line]?.photo !== undefined && (
                <Photo id={plan.devices[line].photo} label={purpose} />
              )}
            </span>
          ))}
          {found.length > MOST && <span className="text-faint">and {found.length - MOST} more</span>}
        </span>
      )}
    </span>
  );
}

function Photo({ id, label }: { id: string; label: string }) {
  const { address } = usePicture(id);
  return address === '' ? null : <img src={address} alt={`Photo of ${label}`} className="max-h-24 my-1" />;
}
