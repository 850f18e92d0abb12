import { inOrder, type Device } from '@idle-satchel/core';
import { ChoiceField } from '../../ledger/ChoiceField.js';
import { FigureRows } from '../../ledger/Ledger.js';
import { NumberField } from '../../ledger/NumberField.js';
import { useEvent, useResult } from '../../store/hooks.js';
import { useDeviceEdit } from '../devices/use-device-edit.js';

/** What it stands on, what is fitted to its lens, and whether the stand will do. */
export default function StandFields({ id, device }: { id: string; device: Device }) {
  const kinds = useEvent(({ bundle }) => bundle.kinds.kinds);
  const support = useResult('shots').cameras[id]?.support;
  const put = useDeviceEdit(id, device);
  const mount = kinds[device.kind]?.optics?.mount;
  // Without a known mount nothing says which lenses go onto it.
  const lenses = inOrder(kinds).flatMap(([key, { lens, label }]) =>
    lens && mount !== undefined
      ? [[key, lens.mount === mount ? label : `${label} (another mount)`] as const]
      : [],
  );
  return (
    <>
      <ChoiceField
        label="Stands on"
        value={device.support}
        none="not chosen yet"
        options={inOrder(kinds).flatMap(([key, kind]) => (kind.support ? [[key, kind.label] as const] : []))}
        onCommit={value => put('Stand', 'support', value)}
      />
      {lenses.length > 0 && (
        <ChoiceField
          label="Lens"
          value={device.lens}
          none="the one it is described with"
          options={lenses}
          onCommit={value => put('Lens', 'lens', value)}
        />
      )}
      <NumberField
        label="Aperture, if not wide open"
        unit="f/"
        optional
        value={device.aperture}
        min={0.7}
        max={64}
        onCommit={value => put('Aperture', 'aperture', value)}
      />
      <NumberField
        label="Focal length, if set for all its shots"
        unit="mm"
        optional
        value={device.focal}
        min={0.5}
        max={4000}
        onCommit={value => put('Focal length', 'focal', value)}
      />
      <NumberField
        label="Converter or reducer on the lens"
        unit="×"
        optional
        value={device.converter}
        min={0.5}
        max={4}
        onCommit={value => put('Converter', 'converter', value)}
      />
      {support && <FigureRows of={support} />}
    </>
  );
}
