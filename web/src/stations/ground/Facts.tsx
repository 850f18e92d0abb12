import { memo } from 'react';
import { type Json, type Operation } from '@idle-satchel/core';
import { Heading } from '../../ledger/Ledger.js';
import { LengthField } from '../../ledger/LengthField.js';
import { NumberField } from '../../ledger/NumberField.js';
import { TypedField } from '../../ledger/TypedField.js';
import { useResult, useStore } from '../../store/hooks.js';

const TEXTS = [
  ['access', 'When one gets in'],
  ['noise', 'Noise'],
] as const;

/** What no drawing shows: the ceiling, how many people may be in, access, noise. */
export const Facts = memo(function Facts() {
  const store = useStore();
  const { facts } = useResult('ground').venue;
  const set = (name: string, label: string, value: Json | undefined): void => {
    const { [name as keyof typeof facts]: _before, ...rest } = facts ?? {};
    const next: Record<string, Json> = value === undefined ? rest : { ...rest, [name]: value };
    const patch: Operation[] =
      Object.keys(next).length > 0
        ? [{ op: 'add', path: '/facts', value: next }]
        : [{ op: 'remove', path: '/facts' }];
    store.editVenue(label, patch);
  };
  return (
    <>
      <Heading>The place</Heading>
      <LengthField
        label="Ceiling, above zero"
        optional
        value={facts?.ceiling}
        min={1}
        max={100}
        onCommit={value => set('ceiling', 'Ceiling', value)}
      />
      <NumberField
        label="People who may be in"
        unit=""
        optional
        whole
        value={facts?.people}
        min={0}
        max={200000}
        onCommit={value => set('people', 'People who may be in', value)}
      />
      {TEXTS.map(([name, label]) => (
        <TypedField<string>
          key={name}
          label={label}
          wide
          optional
          shown={facts?.[name] ?? ''}
          read={text => (text.length <= 300 ? { value: text } : { fault: 'at most 300 characters' })}
          onCommit={value => set(name, label, value)}
        />
      ))}
    </>
  );
});
