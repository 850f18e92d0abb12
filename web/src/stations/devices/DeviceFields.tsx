import type { Device } from '@idle-satchel/core';
import { DeviceHead } from './DeviceHead.js';
import PlaceFields from './PlaceFields.js';

/** What a device is called, where it is, and how it is taken out again. */
export default function DeviceFields({ id, device }: { id: string; device: Device }) {
  return (
    <section aria-label={`Selected: ${device.label}`}>
      <DeviceHead id={id} device={device} />
      <PlaceFields id={id} device={device} />
    </section>
  );
}
