import { alikeRuns, likeOf, newId } from '@idle-satchel/core';
import { PORT_FORM, summaryOf, type FormField, type PortDraft } from '@idle-satchel/core/kind-drafts';
import { useState } from 'react';
import { useFieldArray, useWatch } from 'react-hook-form';
import { anyTools } from '../../ledger/form-tools.js';
import { FormInput } from '../../ledger/FormInput.js';
import type { KindTools } from './kind-form.js';

/** What stands in the line of a port; the rest is one press away. */
const IN_LINE: readonly string[] = ['label', 'direction', 'connector', 'carries', 'ends'];
const inLine = PORT_FORM.filter(({ name }) => IN_LINE.includes(name));
const beyond = PORT_FORM.filter(({ name }) => !IN_LINE.includes(name));

const NEW_PORT: Omit<PortDraft, 'id'> = { direction: 'in', connector: 'HDMI A', carries: 'video' };

interface Folded {
  readonly label: string;
  readonly ids: readonly string[];
}

/** Runs of ports that are alike but for their numbers. */
const foldedPorts = (ports: readonly PortDraft[]): Folded[] =>
  alikeRuns(ports.map(port => ({ label: port.label ?? '', like: likeOf({ ...port, label: '' }) }))).map(
    ({ label, first, count }) => ({ label, ids: ports.slice(first, first + count).map(({ id }) => id) }),
  );

/** The ports of a kind in the order in which they are found on it. */
export function PortTable({ tools }: { tools: KindTools }) {
  const { control, faults } = tools;
  const { append, insert, remove, move } = useFieldArray({ control, name: 'ports', keyName: 'row' });
  const ports = useWatch({ control, name: 'ports' });
  // Only what was there at first is folded: rows must not vanish under the hand that types them.
  const [folded, setFolded] = useState(() => foldedPorts(ports));
  const [open, setOpen] = useState<string>();
  const isFaulty = (i: number): boolean => Object.keys(faults).some(path => path.startsWith(`ports.${i}.`));
  return (
    <section aria-label="Ports">
      <h3 className="pt-2">Ports</h3>
      {ports.length > 0 && (
        <div className="overflow-x-auto">
          <table aria-label="Ports">
            <thead>
              <tr>
                {inLine.map(({ name, label }) => (
                  <th key={name}>{label}</th>
                ))}
                <th className="w-full">Besides</th>
                <th />
              </tr>
            </thead>
            <tbody>
              {ports.map((port, i) => {
                const run = folded.find(({ ids }) => ids.includes(port.id));
                if (run)
                  return run.ids[0] === port.id ? (
                    <FoldedLine
                      key={port.id}
                      run={run}
                      onOpen={() => setFolded(folded.filter(each => each !== run))}
                    />
                  ) : null;
                return (
                  <PortLines
                    key={port.id}
                    index={i}
                    port={port}
                    tools={tools}
                    open={open === port.id || isFaulty(i)}
                    onOpen={() => setOpen(open === port.id ? undefined : port.id)}
                    onUp={() => move(i, i - 1)}
                    onAgain={() => insert(i + 1, { ...port, id: newId(), label: counted(port.label ?? '') })}
                    onRemove={() => remove(i)}
                  />
                );
              })}
            </tbody>
          </table>
        </div>
      )}
      <p className="py-1">
        <button type="button" className="button" onClick={() => append({ ...NEW_PORT, id: newId() })}>
          Add a port
        </button>
      </p>
    </section>
  );
}

/** `HDMI in 2` after `HDMI in 1`. */
const counted = (label: string): string =>
  /\d+$/.test(label) ? label.replace(/\d+$/, digits => String(Number(digits) + 1)) : `${label} 2`.trim();

/** A run of ports that count up and are alike besides, in one line. */
const FoldedLine = ({ run, onOpen }: { run: Folded; onOpen: () => void }) => (
  <tr>
    <td colSpan={inLine.length + 2} className="py-1">
      {run.label} <span className="text-faint">· {run.ids.length} alike</span>{' '}
      <button type="button" className="link" aria-label={`Show each of ${run.label}`} onClick={onOpen}>
        Show each
      </button>
    </td>
  </tr>
);

/** One port: what it is in a line, and all that can be said of it below where it is asked for. */
function PortLines({
  index,
  port,
  tools,
  open,
  onOpen,
  onUp,
  onAgain,
  onRemove,
}: {
  index: number;
  port: PortDraft;
  tools: KindTools;
  open: boolean;
  onOpen: () => void;
  onUp: () => void;
  onAgain: () => void;
  onRemove: () => void;
}) {
  const name = port.label || `port ${index + 1}`;
  const entered = (field: FormField): boolean => (port as Record<string, unknown>)[field.name] !== undefined;
  const [all, setAll] = useState(false);
  const asked = beyond.filter(field => all || field.usual(port) || entered(field));
  return (
    <>
      <tr className="border-b-0">
        {inLine.map(field => (
          <td key={field.name}>
            <CellInput field={field} index={index} name={name} tools={tools} />
          </td>
        ))}
        <td className="text-faint text-[13px]">
          <button
            type="button"
            className="link text-left"
            aria-expanded={open}
            aria-label={`More about ${name}`}
            onClick={onOpen}
          >
            {summaryOf(beyond, port, tools.system) || 'more'}
          </button>
        </td>
        <td className="whitespace-nowrap">
          <button
            type="button"
            className="link"
            aria-label={`Move ${name} up`}
            disabled={index === 0}
            title={index === 0 ? 'It is the first' : undefined}
            onClick={onUp}
          >
            ↑
          </button>{' '}
          <button type="button" className="link" aria-label={`One more like ${name}`} onClick={onAgain}>
            + 1
          </button>{' '}
          <button type="button" className="link" aria-label={`Take ${name} out`} onClick={onRemove}>
            ×
          </button>
        </td>
      </tr>
      {open && (
        <tr>
          <td colSpan={inLine.length + 2} className="bg-shade px-3 pb-2">
            <fieldset>
              <legend className="sr-only">{name}</legend>
              <div className="grid sm:grid-cols-2 xl:grid-cols-3 gap-x-6">
                {asked.map(field => (
                  <FormInput
                    key={field.name}
                    field={field}
                    path={`ports.${index}.${field.name}`}
                    tools={anyTools(tools)}
                  />
                ))}
              </div>
              {!all && asked.length < beyond.length && (
                <button type="button" className="link mt-1" onClick={() => setAll(true)}>
                  All that can be said of a port
                </button>
              )}
            </fieldset>
          </td>
        </tr>
      )}
    </>
  );
}

/** A field in the line of a port: no label of its own but the head of its column. */
function CellInput({
  field: { name: key, label, choices, optional, max },
  index,
  name,
  tools,
}: {
  field: FormField;
  index: number;
  name: string;
  tools: KindTools;
}) {
  const path = `ports.${index}.${key}` as never;
  const about = `${label} of ${key === 'label' ? `port ${index + 1}` : name}`;
  const fault = tools.faults[path];
  const props = { 'aria-label': about, 'aria-invalid': fault !== undefined, ...tools.control.register(path) };
  return (
    <>
      {choices.length === 0 ? (
        <input className="field w-32" maxLength={max} {...props} />
      ) : (
        <select className="field" {...props}>
          {optional && <option value="">as usual</option>}
          {choices.map(each => (
            <option key={each}>{each}</option>
          ))}
        </select>
      )}
      {fault && (
        <span role="alert" className="block text-stop text-[13px]">
          {fault}
        </span>
      )}
    </>
  );
}
