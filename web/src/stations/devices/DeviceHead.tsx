import { goneWith, takeOutPatch, type Device } from '@idle-satchel/core';
import type { ReactNode } from 'react';
import { TextField } from '../../ledger/TextField.js';
import { useEvent, useOpenEvent } from '../../store/hooks.js';
import { useDeviceEdit } from './use-device-edit.js';

/** What a camera or lamp is and is called, and how it is taken out again. */
export function DeviceHead({ id, device, children }: { id: string; device: Device; children?: ReactNode }) {
  const { store, ui } = useOpenEvent();
  const kind = useEvent(({ bundle }) => bundle.kinds.kinds[device.kind]);
  const put = useDeviceEdit(id, device);
  const remove = (): void => {
    const { plan } = store.get().bundle;
    store.patchPlan(`Remove ${device.label}`, takeOutPatch(plan, id));
    store.say(`${device.label} is out${goneWith(plan, id)}. u brings it back.`);
    ui.select(undefined);
  };
  return (
    <>
      <p className="text-faint pt-2">{kind?.label}</p>
      <div className="flex flex-wrap gap-x-4 items-baseline">
        <label>
          Label{' '}
          <TextField
            label="Label"
            value={device.label}
            max={40}
            className="w-26"
            onCommit={text => put('Label', 'label', text)}
          />
        </label>
        {children}
        <button className="link ml-auto" onClick={remove}>
          Remove
        </button>
      </div>
    </>
  );
}
