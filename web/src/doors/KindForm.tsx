import {
  BUSES,
  CARRIES,
  CONNECTORS,
  draftOf,
  EMPTY_PORT,
  FAMILIES,
  INSIDE_NUMBERS,
  kindFrom,
  LEVELS,
  PORT_ENDS,
  type Kind,
  type KindDraft,
  type PortDraft,
} from '@idle-satchel/core';
import { useFieldArray, useForm } from 'react-hook-form';

const NEW: KindDraft = {
  ...{
    label: '',
    family: 'converter',
    weight: undefined,
    watts: undefined,
    price: undefined,
    ports: [EMPTY_PORT],
    inside: {},
  },
};
const INSIDE_WORDS: Readonly<Record<(typeof INSIDE_NUMBERS)[number], string>> = {
  mixes: 'programmes',
  keyers: 'keyers',
  boxes: 'picture boxes',
  stills: 'stills',
  clips: 'clips',
  tracks: 'recording tracks',
  channels: 'sound channels',
  encoder: 'encoder, most lines',
  webcam: 'webcam, most lines',
};

const NUMBERS = [
  ['weight', 'Weight', 'kg'],
  ['watts', 'Takes', 'W'],
  ['price', 'Costs', ''],
] as const;

/** Fields as the form holds them: lists that it may change. */
interface Fields extends Omit<KindDraft, 'ports'> {
  ports: PortDraft[];
}
const fieldsOf = (draft: KindDraft): Fields => ({ ...draft, ports: [...draft.ports] });
const optionalNumber = {
  setValueAs: (text: unknown) => (text === '' || text === undefined ? undefined : Number(text)),
};

/** A kind with its ports as a table, and what a switcher has inside. */
export function KindForm({
  kind,
  onSave,
  onCopy,
}: {
  kind: Kind | undefined;
  onSave: (kind: Kind) => Promise<void>;
  onCopy: (kind: Kind) => void;
}) {
  const { register, control, handleSubmit, watch, formState } = useForm<Fields>({
    defaultValues: fieldsOf(kind ? draftOf(kind) : NEW),
  });
  const { fields, append, remove, move } = useFieldArray({ control, name: 'ports', keyName: 'row' });
  const { errors, isSubmitting } = formState;
  const family = watch('family');
  const ports = watch('ports');
  const options = (list: readonly string[]) => list.map(each => <option key={each}>{each}</option>);
  const isSwitcher = family === 'switcher' || family === 'matrix';
  return (
    <form
      aria-label="Kind"
      className="grid gap-2"
      onSubmit={event => void handleSubmit(draft => onSave(kindFrom(draft, kind)))(event)}
    >
      <label>
        What it is {errors.label && <span className="text-stop">{errors.label.message}</span>}
        <input
          className="field w-full"
          maxLength={80}
          aria-invalid={Boolean(errors.label)}
          {...register('label', { validate: text => text.trim() !== '' || 'say what it is, never whose' })}
        />
      </label>
      <div className="flex flex-wrap gap-4 items-baseline">
        <label>
          Family{' '}
          <select className="field" {...register('family')}>
            {options(FAMILIES)}
          </select>
        </label>
        {NUMBERS.map(([name, words, unit]) => (
          <label key={name}>
            {words}{' '}
            <input
              className="field w-20 text-right"
              type="number"
              step="any"
              min={0}
              {...register(name, optionalNumber)}
            />{' '}
            {unit}
          </label>
        ))}
      </div>
      {family === 'switcher' && (
        <fieldset className="flex flex-wrap gap-x-4 gap-y-1">
          <legend className="text-faint">What it has inside</legend>
          {INSIDE_NUMBERS.map(name => (
            <label key={name}>
              <input
                className="field w-16 text-right"
                type="number"
                min={0}
                {...register(`inside.${name}`, optionalNumber)}
              />{' '}
              {INSIDE_WORDS[name]}
            </label>
          ))}
        </fieldset>
      )}
      <div className="overflow-x-auto">
        <table aria-label="Ports">
          <thead>
            <tr>
              <th>Port</th>
              <th>Way</th>
              <th>Connector</th>
              <th>Ends in</th>
              <th>Carries</th>
              <th>Scaler</th>
              <th>Shared</th>
              <th>{isSwitcher ? 'Level, or what it gives' : 'Level'}</th>
              <th />
            </tr>
          </thead>
          <tbody>
            {fields.map(({ row }, i) => (
              <tr key={row}>
                <td>
                  <input
                    className="field w-28"
                    aria-label={`Name of port ${i + 1}`}
                    aria-invalid={Boolean(errors.ports?.[i]?.label)}
                    maxLength={40}
                    {...register(`ports.${i}.label`, { validate: text => text.trim() !== '' || 'name it' })}
                  />
                </td>
                <td>
                  <select
                    className="field"
                    aria-label={`Way of port ${i + 1}`}
                    {...register(`ports.${i}.direction`)}
                  >
                    {options(['in', 'out', 'both'])}
                  </select>
                </td>
                <td>
                  <select
                    className="field"
                    aria-label={`Connector of port ${i + 1}`}
                    {...register(`ports.${i}.connector`)}
                  >
                    {options(CONNECTORS)}
                  </select>
                </td>
                <td className="whitespace-nowrap">
                  <select
                    className="field"
                    aria-label={`What port ${i + 1} ends in`}
                    {...register(`ports.${i}.ends`)}
                  >
                    <option value="">as usual</option>
                    {options(PORT_ENDS)}
                  </select>
                  {ports[i]?.ends === 'plug' && (
                    <label className="block">
                      lead{' '}
                      <input
                        className="field w-14 text-right"
                        type="number"
                        step="any"
                        min={0}
                        max={50}
                        aria-label={`Length of the lead of port ${i + 1}, m`}
                        {...register(`ports.${i}.ownLead`, optionalNumber)}
                      />{' '}
                      m
                    </label>
                  )}
                </td>
                <td>
                  <select
                    className="field"
                    aria-label={`What port ${i + 1} carries`}
                    {...register(`ports.${i}.carries`)}
                  >
                    {options(CARRIES)}
                  </select>
                </td>
                <td>
                  <input
                    type="checkbox"
                    aria-label={`Port ${i + 1} has a scaler`}
                    {...register(`ports.${i}.scaled`)}
                  />
                </td>
                <td>
                  <input
                    className="field w-20"
                    maxLength={20}
                    placeholder="socket"
                    aria-label={`Socket that port ${i + 1} shares`}
                    {...register(`ports.${i}.group`)}
                  />
                </td>
                <td>
                  {ports[i]?.carries === 'audio' && (
                    <select
                      className="field"
                      aria-label={`Level of port ${i + 1}`}
                      {...register(`ports.${i}.level`)}
                    >
                      <option value="">–</option>
                      {options(LEVELS)}
                    </select>
                  )}
                  {isSwitcher && ports[i]?.carries === 'video' && ports[i]?.direction === 'out' && (
                    <details>
                      <summary aria-label={`What port ${i + 1} can give`}>
                        {(ports[i]?.gives ?? []).join(', ') || 'the programme'}
                      </summary>
                      {BUSES.map(bus => (
                        <label key={bus} className="flex gap-2">
                          <input type="checkbox" value={bus} {...register(`ports.${i}.gives`)} />
                          {bus}
                        </label>
                      ))}
                    </details>
                  )}
                </td>
                <td className="whitespace-nowrap">
                  <button
                    type="button"
                    className="link"
                    aria-label={`Move port ${i + 1} up`}
                    disabled={i === 0}
                    onClick={() => move(i, i - 1)}
                  >
                    ↑
                  </button>{' '}
                  <button
                    type="button"
                    className="link"
                    aria-label={`Take port ${i + 1} out`}
                    onClick={() => remove(i)}
                  >
                    ×
                  </button>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <p className="flex gap-2">
        <button type="button" className="button" onClick={() => append({ ...EMPTY_PORT })}>
          Add a port
        </button>
        <span className="grow" />
        {kind && (
          <button type="button" className="button" onClick={() => onCopy(kind)}>
            Copy as a new kind
          </button>
        )}
        <button className="button button-main" disabled={isSubmitting}>
          Save the kind
        </button>
      </p>
    </form>
  );
}
