import { memo } from 'react';
import { Heading } from '../../ledger/Ledger.js';
import { FactField } from './FactField.js';
import { WayInFields } from './WayInFields.js';

/** What no drawing shows: the ceiling, how many people may be in, access, noise. */
export const Facts = memo(function Facts() {
  return (
    <>
      <Heading>The place</Heading>
      {(['ceiling', 'people', 'crew', 'access', 'parking', 'emergency', 'noise'] as const).map(name => (
        <FactField key={name} name={name} />
      ))}
      <Heading>The way in</Heading>
      <WayInFields />
    </>
  );
});
