import { inOrder, VIDEO_FORMATS, type Device, type VideoFormat } from '@idle-satchel/core';
import { ChoiceField } from '../../ledger/ChoiceField.js';
import { FigureRow, Heading } from '../../ledger/Ledger.js';
import { useEvent, usePlan, useResult, useStore } from '../../store/hooks.js';

/** Sizes and rates: what each switcher works in and each source gives, and whether every input takes it. */
export function Formats() {
  const { sources, formats, settings, wiring } = useResult('signal');
  const devices = usePlan(plan => plan.devices);
  const links = usePlan(plan => plan.links);
  return (
    <>
      <Heading>Formats</Heading>
      {inOrder(devices)
        .filter(([id]) => wiring.kindOf(id)?.family === 'switcher')
        .map(([id, device]) => (
          <FormatChoice key={id} id={id} device={device} verb="works in" choices={VIDEO_FORMATS} />
        ))}
      {Object.keys(sources).map(id => {
        const device = devices?.[id];
        const out = inOrder(wiring.kindOf(id)?.ports).find(
          ([, { carries, direction }]) => carries === 'video' && direction === 'out',
        )?.[1];
        return device ? (
          <FormatChoice
            key={id}
            id={id}
            device={device}
            verb="gives"
            choices={out?.formats ?? VIDEO_FORMATS}
          />
        ) : null;
      })}
      {Object.entries(settings).map(([id, setting]) => (
        <FigureRow key={id} label={`Set ${devices?.[id]?.label ?? id} to`} figure={setting} />
      ))}
      {Object.entries(formats)
        .filter(([, { taken }]) => taken.value !== 'yes')
        .map(([id, { taken }]) => (
          <FigureRow
            key={id}
            label={`${devices?.[links?.[id]?.from.device ?? '']?.label ?? '?'} taken by ${devices?.[links?.[id]?.to.device ?? '']?.label ?? '?'}`}
            figure={taken}
          />
        ))}
    </>
  );
}

function FormatChoice({
  id,
  device,
  verb,
  choices,
}: {
  id: string;
  device: Device;
  verb: string;
  choices: readonly VideoFormat[];
}) {
  const store = useStore();
  const house = useEvent(({ assessment }) => assessment.rules.format);
  return (
    <ChoiceField
      label={`${device.label} ${verb}`}
      value={device.format}
      none={`as the event: ${house}`}
      options={choices.map(each => [each, each] as const)}
      onCommit={value =>
        store.editPlan(`Set the format of ${device.label}`, plan => plan.set('devices', id, 'format', value))
      }
    />
  );
}
