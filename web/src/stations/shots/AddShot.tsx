import { inOrder, newId, orderAfter, SHOT_SETS, shotSetPatch, type Venue } from '@idle-satchel/core';
import { useState } from 'react';
import { useEvent, usePlan, useStore } from '../../store/hooks.js';

/** Gives a camera one more thing to show, or the plan a whole set of shots of a mark. */
export default function AddShot({ camera }: { camera: string }) {
  const store = useStore();
  const marks = useEvent(state => state.assessment.ground.venue.marks);
  const shots = usePlan(plan => plan.shots);
  const add = (mark: string): void =>
    store.editPlan('Add a shot', plan =>
      plan.put('shots', newId(), {
        order: orderAfter(inOrder(shots).at(-1)?.[1].order),
        mark,
        size: 'waist up',
        camera,
      }),
    );
  const addSet = (set: string, mark: string): void =>
    store.patchPlan(`Shots for a ${set}`, shotSetPatch(store.get().bundle.plan, set, mark));
  const [set, setSet] = useState(Object.keys(SHOT_SETS)[0] ?? '');
  return (
    <div className="mt-4">
      <label className="block">
        <span className="text-faint">Also show </span>
        <select className="field" value="" onChange={event => event.target.value && add(event.target.value)}>
          <MarkOptions marks={marks} />
        </select>
      </label>
      <p className="flex flex-wrap gap-x-2 items-baseline">
        <label>
          <span className="text-faint">All shots for </span>
          <select className="field" value={set} onChange={event => setSet(event.target.value)}>
            {Object.keys(SHOT_SETS).map(each => (
              <option key={each}>{each}</option>
            ))}
          </select>
        </label>
        <label>
          <span className="text-faint">of </span>
          <select
            className="field"
            value=""
            aria-label="Mark of the set"
            onChange={event => event.target.value && addSet(set, event.target.value)}
          >
            <MarkOptions marks={marks} />
          </select>
        </label>
        <span className="text-faint text-[13px]">for no camera yet: “Find positions” gives them out</span>
      </p>
    </div>
  );
}

/** The marks of the venue to choose from. */
const MarkOptions = ({ marks }: { marks: Venue['marks'] }) => (
  <>
    <option value="">choose a mark</option>
    {inOrder(marks).map(([id, { label }]) => (
      <option key={id} value={id}>
        {label}
      </option>
    ))}
  </>
);
