import {
  addDevicePatch,
  casePicture,
  gearOffers,
  inWords,
  newId,
  PACK_GROUPS,
  type Bundle,
  type CaseRoom,
  type GearOffer,
  type PackGroup,
} from '@idle-satchel/core';
import type { PackedCases } from '@idle-satchel/core/searches';
import { useState } from 'react';
import { FigureRows, Heading } from '../../ledger/Ledger.js';
import { Offers } from '../../ledger/Offers.js';
import { useEvent, useOpenEvent, usePlan, useReading, useResult } from '../../store/hooks.js';
import { useAsked } from '../../workers/use-asked.js';
import { CornerDrawn, LayerDrawn } from './CaseDrawn.js';

const readBy = ({ plan, venue, rules, kinds, shelf }: Bundle) => [plan, venue, rules, kinds, shelf];

/** Cases, bags and crates: what lies where in each, layer by layer, and the search that packs them. */
export default function Cases() {
  const { store } = useOpenEvent();
  const { rooms, loose } = useResult('pack');
  const { found, fresh, busy, problem, look, putAway } = useAsked('pack-cases', {}, readBy);
  const all = Object.entries(rooms);
  const [offer] = found?.offers ?? [];
  return (
    <section aria-label="Cases" className="pb-4">
      <p className="flex flex-wrap gap-2 items-baseline">
        {all.length > 0 && (
          <button className="button" disabled={busy} onClick={look}>
            {busy ? 'Packing …' : 'Pack the cases'}
          </button>
        )}
        <AddCase />
      </p>
      {problem && <p className="text-stop">It could not be worked out: {problem}</p>}
      {found && !fresh && <p className="text-faint">Something has changed since: pack again.</p>}
      {found && fresh && (
        <>
          <Said of={found.answer} />
          {offer && (
            <button
              className="button button-main my-1"
              onClick={() => {
                store.commit(offer.label, offer.changes);
                putAway();
              }}
            >
              Use this packing
            </button>
          )}
        </>
      )}
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
          <ul className="text-[13px]">
            {left.map(({ line, label, why }) => (
              <li key={line}>
                {label} <span className="text-faint">– {why}</span>
              </li>
            ))}
          </ul>
        </details>
      )}
    </div>
  );
}

function Case({ id, room }: { id: string; room: CaseRoom }) {
  const packed = usePlan(plan => plan.packed);
  const { label, fill, loadLeft, inner, guessed } = room;
  const picture = casePicture(room, packed);
  return (
    <section aria-label={label} className="pt-3">
      <Heading about={label}>Case</Heading>
      <div className="flex flex-wrap gap-x-8 gap-y-3 py-2">
        <div className="min-w-[16rem] grow max-w-sm">
          <FigureRows of={{ fill, inner, loadLeft, ...(guessed.value !== 0 && { guessed }) }} />
          <OnlyGroups id={id} label={label} />
        </div>
        {picture.things.length > 0 && <CornerDrawn picture={picture} label={label} />}
      </div>
      <div className="flex flex-wrap gap-4">
        {picture.layers.map((layer, i) => (
          <LayerDrawn
            key={layer.at}
            picture={picture}
            layer={layer}
            title={`Layer ${i + 1} of ${picture.layers.length}, front below`}
          />
        ))}
      </div>
      <ol className="text-[13px] columns-2 max-md:columns-1 pt-2">
        {picture.things.map(({ line, number, purpose, label: what }) => (
          <li key={line} className="break-inside-avoid">
            <span className="value">{number}</span> {purpose} <span className="text-faint">{what}</span>
          </li>
        ))}
      </ol>
      {picture.somewhere.length > 0 && (
        <p className="text-[13px] pt-1">
          Somewhere in it: {picture.somewhere.map(({ purpose }) => purpose).join(', ')}.
        </p>
      )}
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

/** Puts a case, bag or crate into the plan: those that the house has and are free stand first. */
function AddCase() {
  const { store } = useOpenEvent();
  const bundle = useEvent(state => state.bundle);
  const [open, setOpen] = useState(false);
  const add = ({ kind, of }: GearOffer): void => {
    const label = (of.hold?.form ?? 'case').toUpperCase();
    store.patchPlan('Add a case', addDevicePatch(bundle, newId(), { label, kind }));
    setOpen(false);
  };
  if (!open)
    return (
      <button className="button" onClick={() => setOpen(true)}>
        Add a case, bag or crate
      </button>
    );
  return (
    <Offers label="Cases to add" offers={gearOffers(bundle, ({ hold }) => hold !== undefined)} onAdd={add} />
  );
}
