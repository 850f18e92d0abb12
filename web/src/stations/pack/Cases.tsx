import { useEffect, useRef } from 'react';
import { useSearchParams } from 'wouter';
import {
  casePicture,
  inWords,
  moveInCase,
  PACK_GROUPS,
  type CaseRoom,
  type PackGroup,
} from '@idle-satchel/core';
import type { PackedCases } from '@idle-satchel/core/searches';
import { FigureRows, Heading } from '../../ledger/Ledger.js';
import { useEvent, useOpenEvent, usePlan, useReading, useResult } from '../../store/hooks.js';
import { useAsked } from '../../workers/use-asked.js';
import { AddGear } from './AddGear.js';
import { CornerDrawn, Layers } from './CaseDrawn.js';
import { LeftLines, readBy, Sought } from './Sought.js';

/** Cases, bags and crates: what lies where in each, layer by layer, and the search that packs them. */
export default function Cases() {
  const { rooms, loose } = useResult('pack');
  const asked = useAsked('pack-cases', {}, readBy);
  const all = Object.entries(rooms);
  return (
    <section aria-label="Cases" className="pb-4">
      <Sought
        asked={asked}
        can={all.length > 0}
        words={WORDS}
        beside={
          <AddGear
            words="Add a case, bag or crate"
            label="Cases to add"
            wanted={({ hold }) => hold !== undefined}
            nameOf={({ hold }) => (hold?.form ?? 'case').toUpperCase()}
          />
        }
        said={answer => <Said of={answer} />}
      />
      {all.length === 0 && (
        <p className="text-faint py-2">
          No case, bag or crate is in this plan yet. What is mounted in a rack travels in that.
        </p>
      )}
      <FigureRows of={{ loose }} />
      {all.map(([id, room]) => (
        <Case key={id} id={id} room={room} />
      ))}
    </section>
  );
}

const WORDS = {
  look: 'Pack the cases',
  busy: 'Packing …',
  again: 'pack again',
  take: 'Use this packing',
} as const;

const VERDICT = {
  fits: 'Everything fits.',
  'proven not': 'Not everything can ride in these cases.',
  unknown: 'No way was found for all of it; whether there is one is not known.',
} as const;

function Said({ of: { verdict, left, guessed, cases } }: { of: PackedCases }) {
  const { system } = useReading();
  return (
    <div className="py-1">
      <p className={verdict === 'fits' ? undefined : 'text-risk'}>
        {VERDICT[verdict]}
        {guessed > 0 && ` ${guessed} lines count by their usual size: nobody has measured them.`}
      </p>
      <ul>
        {cases.map(({ id, label, things, kg, fill }) => (
          <li key={id}>
            {label}: {things.length} things, {inWords(kg, 'kg', system)}, {Math.round(fill)} % of its room
          </li>
        ))}
      </ul>
      {left.length > 0 && (
        <details>
          <summary className="cursor-pointer">{left.length} left out</summary>
          <LeftLines left={left} />
        </details>
      )}
    </div>
  );
}

function Case({ id, room }: { id: string; room: CaseRoom }) {
  const [asked] = useSearchParams();
  const own = useRef<HTMLElement>(null);
  const wanted = asked.get('case') === id;
  useEffect(() => {
    if (wanted) own.current?.scrollIntoView();
  }, [wanted]);
  const { store } = useOpenEvent();
  const packed = usePlan(plan => plan.packed);
  const kinds = useEvent(({ bundle }) => bundle.kinds.kinds);
  const { label, fill, loadLeft, inner, guessed } = room;
  const picture = casePicture(room, packed);
  return (
    <section ref={own} aria-label={label} className="pt-3">
      <Heading about={label}>Case</Heading>
      <div className="flex flex-wrap gap-x-8 gap-y-3 py-2">
        <div className="min-w-[16rem] grow max-w-sm">
          <FigureRows of={{ fill, inner, loadLeft, ...(guessed.value !== 0 && { guessed }) }} />
          <OnlyGroups id={id} label={label} />
        </div>
        {picture.things.length > 0 && <CornerDrawn picture={picture} label={label} />}
      </div>
      <Layers
        picture={picture}
        after=", front below"
        onMove={(line, nudge) => {
          const edit = moveInCase(id, room, packed, kinds, line, nudge);
          if (edit) store.patchPlan(`Move in ${label}`, edit.patch);
          else store.say('There is no room for it there.');
        }}
      />
    </section>
  );
}

/** Which groups of the checklist go into a case; none chosen means anything. */
function OnlyGroups({ id, label }: { id: string; label: string }) {
  const { store } = useOpenEvent();
  const only = usePlan(plan => plan.devices?.[id]?.only) ?? [];
  const choose = (group: PackGroup, on: boolean): void => {
    const next = PACK_GROUPS.filter(each => (each === group ? on : only.includes(each)));
    store.editPlan(`What goes into ${label}`, plan =>
      plan.set('devices', id, 'only', next.length > 0 ? next : undefined),
    );
  };
  return (
    <details className="py-1">
      <summary className="cursor-pointer">
        {only.length === 0 ? 'Anything goes into it' : `Only ${only.join(', ')}`}
      </summary>
      {PACK_GROUPS.map(group => (
        <label key={group} className="flex gap-2">
          <input
            type="checkbox"
            checked={only.includes(group)}
            onChange={event => choose(group, event.target.checked)}
          />
          {group}
        </label>
      ))}
    </details>
  );
}
