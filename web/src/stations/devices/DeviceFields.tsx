import type { Device } from '@idle-satchel/core';
import { Suspense } from 'react';
import { fetched } from '../../ui/fetched.js';
import { DeviceHead } from './DeviceHead.js';
import PlaceFields from './PlaceFields.js';

const KeptWith = fetched(() => import('./KeptWith.js'));

/** What a device is called, where it is, and how it is taken out again. */
export default function DeviceFields({ id, device }: { id: string; device: Device }) {
  return (
    <section aria-label={`Selected: ${device.label}`}>
      <DeviceHead id={id} device={device} />
      <PlaceFields id={id} device={device} />
      <Suspense>
        <KeptWith id={id} device={device} />
      </Suspense>
    </section>
  );
}
