import {
  alikeRuns,
  draftOf,
  EMPTY_CABLE,
  EMPTY_PORT,
  FAMILIES,
  FUNCTIONS,
  INSIDE_NUMBERS,
  kindFrom,
  likeOf,
  type Kind,
  type KindDraft,
  type PortDraft,
} from '@idle-satchel/core';
import { useState } from 'react';
import { useFieldArray, useForm, useWatch, type UseFormRegister } from 'react-hook-form';
import { CableFields } from './CableFields.js';
import { optionalNumber, Options, type KindFields } from './kind-fields.js';
import { PortRow } from './PortRow.js';

const NEW: KindDraft = {
  label: '',
  family: 'converter',
  weight: undefined,
  watts: undefined,
  width: undefined,
  depth: undefined,
  height: undefined,
  price: undefined,
  innerWattHours: undefined,
  topsUp: false,
  storage: undefined,
  does: [],
  cable: EMPTY_CABLE,
  ports: [EMPTY_PORT],
  inside: {},
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
  ['width', 'Wide', 'm'],
  ['depth', 'Deep', 'm'],
  ['height', 'High', 'm'],
  ['price', 'Costs', ''],
] as const;

const fieldsOf = (draft: KindDraft): KindFields => ({ ...draft, ports: [...draft.ports] });

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
  const { register, control, handleSubmit, formState } = useForm<KindFields>({
    defaultValues: fieldsOf(kind ? draftOf(kind) : NEW),
  });
  const { fields, append, remove, move } = useFieldArray({ control, name: 'ports', keyName: 'row' });
  const { errors, isSubmitting } = formState;
  const family = useWatch({ control, name: 'family' });
  const ports = useWatch({ control, name: 'ports' });
  const isSwitcher = family === 'switcher' || family === 'matrix';
  // Only what was there at first is folded: rows must not vanish under the hand that types them.
  const [folded, setFolded] = useState(() => foldedRows(fields));
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
      <KindNumbers register={register} family={family} />
      {family === 'cable' ? (
        <CableFields register={register} isFaulty={Boolean(errors.cable?.length)} />
      ) : (
        <>
          <div className="overflow-x-auto">
            <table aria-label="Ports">
              <PortHead isSwitcher={isSwitcher} />
              <tbody>
                {fields.map(({ row }, i) => {
                  const run = folded.find(({ rows }) => rows.includes(row));
                  if (!run)
                    return (
                      <PortRow
                        key={row}
                        index={i}
                        port={ports[i]}
                        isSwitcher={isSwitcher}
                        isFaulty={Boolean(errors.ports?.[i]?.label)}
                        register={register}
                        onUp={() => move(i, i - 1)}
                        onRemove={() => remove(i)}
                      />
                    );
                  return run.rows[0] === row ? (
                    <FoldedPorts
                      key={row}
                      run={run}
                      onOpen={() => setFolded(folded.filter(each => each !== run))}
                    />
                  ) : null;
                })}
              </tbody>
            </table>
          </div>
          <p>
            <button type="button" className="button" onClick={() => append({ ...EMPTY_PORT })}>
              Add a port
            </button>
          </p>
        </>
      )}
      <p className="flex gap-2">
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

const PortHead = ({ isSwitcher }: { isSwitcher: boolean }) => (
  <thead>
    <tr>
      <th>Port</th>
      <th>Way</th>
      <th>Connector</th>
      <th>Ends in</th>
      <th>Carries</th>
      <th>Scaler</th>
      <th>Shared</th>
      <th>{isSwitcher ? 'Level, power, or what it gives' : 'Level, or power'}</th>
      <th />
    </tr>
  </thead>
);

interface Folded {
  readonly label: string;
  readonly rows: readonly string[];
}

/** Runs of ports that are alike but for their numbers, by the keys of their rows. */
const foldedRows = (fields: readonly (PortDraft & { readonly row: string })[]): Folded[] =>
  alikeRuns(fields.map(({ row: _row, ...port }) => ({ label: port.label, like: likeOf(port) }))).map(
    ({ label, first, count }) => ({
      label,
      rows: fields.slice(first, first + count).map(({ row }) => row),
    }),
  );

/** A run of ports that count up and are alike besides, in one line. */
function FoldedPorts({ run, onOpen }: { run: Folded; onOpen: () => void }) {
  return (
    <tr>
      <td colSpan={9} className="py-1">
        {run.label} <span className="text-faint">· {run.rows.length} alike</span>{' '}
        <button type="button" className="link" onClick={onOpen}>
          Show each
        </button>
      </td>
    </tr>
  );
}

function KindNumbers({
  register,
  family,
}: {
  register: UseFormRegister<KindFields>;
  family: Kind['family'];
}) {
  return (
    <>
      <div className="flex flex-wrap gap-4 items-baseline">
        <label>
          Family{' '}
          <select className="field" {...register('family')}>
            <Options of={FAMILIES} />
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
      {family !== 'cable' && (
        <p>
          <label>
            A battery inside, charged before{' '}
            <input
              className="field w-20 text-right"
              type="number"
              step="any"
              min={0}
              {...register('innerWattHours', optionalNumber)}
            />{' '}
            Wh
          </label>{' '}
          <label>
            <input type="checkbox" {...register('topsUp')} /> charged again while it runs on another feed
          </label>
        </p>
      )}
      {family === 'disk' && (
        <label>
          Room on it{' '}
          <input
            className="field w-20 text-right"
            type="number"
            step="any"
            min={1}
            {...register('storage', optionalNumber)}
          />{' '}
          GB
        </label>
      )}
      {family !== 'cable' && (
        <details>
          <summary>What it does besides</summary>
          <p className="flex flex-wrap gap-x-4">
            {FUNCTIONS.map(does => (
              <label key={does} className="whitespace-nowrap">
                <input type="checkbox" value={does} {...register('does')} /> {does}
              </label>
            ))}
          </p>
        </details>
      )}
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
    </>
  );
}
