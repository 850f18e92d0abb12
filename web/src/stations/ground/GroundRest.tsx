import { useStore } from '../../store/hooks.js';
import { Circuits } from './Circuits.js';
import { Differences } from './Differences.js';
import { Facts } from './Facts.js';
import { TracingFields } from './TracingFields.js';
import { Uploads } from './Uploads.js';

/** What of the ground is read further down, and fetched behind the first picture. */
export default function GroundRest() {
  const here = useStore().of === 'event';
  return (
    <>
      <Circuits />
      <Uploads />
      <Facts />
      <TracingFields />
      {here && <Differences />}
    </>
  );
}
