import type { FloorOfWay, Json, WayIn } from '@idle-satchel/core';
import { ChoiceField } from '../../ledger/ChoiceField.js';
import { LengthField } from '../../ledger/LengthField.js';
import { NumberField } from '../../ledger/NumberField.js';
import { useResult, useStore } from '../../store/hooks.js';

const FLOORS: readonly (readonly [FloorOfWay, string])[] = [
  ['hard', 'hard floors'],
  ['carpet', 'carpet'],
  ['soft', 'gravel, grass, cobbles'],
];

/** From where the vehicle stands to the room: how far, up how many steps, through which doors, over what. */
export function WayInFields() {
  const store = useStore();
  const { facts } = useResult('ground').venue;
  const way = facts?.way ?? {};
  const set =
    <Name extends keyof WayIn>(name: Name, words: string) =>
    (value: WayIn[Name] | undefined): void => {
      const { [name]: _before, ...rest } = way;
      const next = { ...facts, way: { ...rest, ...(value !== undefined && { [name]: value }) } };
      store.editVenue(words, [{ op: 'add', path: '/facts', value: next as unknown as Json }]);
    };
  const length = (name: 'distance' | 'width' | 'height', label: string, min: number, max: number) => (
    <LengthField label={label} optional {...{ min, max }} value={way[name]} onCommit={set(name, label)} />
  );
  const count = (name: 'steps' | 'doors', label: string, max: number) => (
    <NumberField
      label={label}
      unit=""
      optional
      whole
      min={0}
      max={max}
      value={way[name]}
      onCommit={set(name, label)}
    />
  );
  return (
    <>
      {length('distance', 'From the vehicle to the room', 0, 2000)}
      {count('steps', 'Steps on the way, up or down', 500)}
      {count('doors', 'Doors on the way', 50)}
      {length('width', 'Narrowest of them, clear', 0.3, 12)}
      {length('height', 'Lowest of them, clear', 0.5, 12)}
      <NumberField
        label="Steepest ramp (0 = level)"
        unit="%"
        optional
        min={0}
        max={30}
        value={way.slope}
        onCommit={set('slope', 'Steepest ramp')}
      />
      <ChoiceField
        label="The worst that wheels roll over"
        value={way.floor}
        options={FLOORS}
        none="not known"
        onCommit={set('floor', 'What wheels roll over')}
      />
    </>
  );
}
