import type { Facts, Json, Operation } from '@idle-satchel/core';
import { LengthField } from '../../ledger/LengthField.js';
import { NumberField } from '../../ledger/NumberField.js';
import { TypedField } from '../../ledger/TypedField.js';
import { useResult, useStore } from '../../store/hooks.js';

const WORDS = {
  ceiling: 'Ceiling, above zero',
  people: 'People who may be in',
  crew: 'Crew who are let in',
  altitude: 'Above the sea',
  access: 'When one gets in',
  parking: 'Where cars are left',
  emergency: 'In an emergency',
  noise: 'Noise',
} as const satisfies Record<Exclude<keyof Facts, 'way'>, string>;

/** Longest text of a fact. */
const LONGEST = 300;

/** One thing that no drawing shows. */
export function FactField({ name, label = WORDS[name] }: { name: keyof typeof WORDS; label?: string }) {
  const store = useStore();
  const { facts } = useResult('ground').venue;
  const set = (value: Json | undefined): void => {
    const { [name]: _before, ...rest } = facts ?? {};
    const next = { ...rest, ...(value !== undefined && { [name]: value }) };
    const patch: Operation[] =
      Object.keys(next).length > 0
        ? [{ op: 'add', path: '/facts', value: { ...next } as unknown as Json }]
        : [{ op: 'remove', path: '/facts' }];
    store.editVenue(WORDS[name], patch);
  };
  switch (name) {
    case 'ceiling':
      return <LengthField label={label} optional value={facts?.ceiling} min={1} max={100} onCommit={set} />;
    case 'altitude':
      return (
        <LengthField label={label} optional value={facts?.altitude} min={-430} max={5500} onCommit={set} />
      );
    case 'people':
    case 'crew':
      return (
        <NumberField
          label={label}
          unit="people"
          optional
          whole
          value={facts?.[name]}
          min={0}
          max={name === 'crew' ? 1000 : 200000}
          onCommit={set}
        />
      );
    default:
      return (
        <TypedField<string>
          label={label}
          wide
          optional
          shown={facts?.[name] ?? ''}
          read={text =>
            text.length <= LONGEST ? { value: text } : { fault: `at most ${LONGEST} characters` }
          }
          onCommit={set}
        />
      );
  }
}
