import {
  showText,
  VIDEO_FORMATS,
  type Item,
  type Link,
  type Proof,
  type VideoFormat,
} from '@idle-satchel/core';
import { useState } from 'react';
import { call, messageOf } from '../../api/client.js';
import { keepName, signedName } from '../../api/signature.js';
import { NumberField } from '../../ledger/NumberField.js';
import { useEvent, useOpenEvent, usePlan, useReading, useResult } from '../../store/hooks.js';
import { GuardedButton } from '../../ui/GuardedButton.js';

/** What is found out on site: the length as measured, what the lead carried, and which cable is bad. */
export function OnSite({ id }: { id: string }) {
  const { store } = useOpenEvent();
  const reading = useReading();
  const run = useResult('runs').runs[id];
  const link = usePlan(plan => plan.links?.[id]);
  const shelf = useEvent(({ bundle }) => bundle.shelf);
  const [problem, setProblem] = useState('');
  if (!run || !link) return null;
  const set = <Name extends keyof Link>(
    label: string,
    name: Name,
    value: NonNullable<Link[Name]> | undefined,
  ): void => store.editPlan(label, plan => plan.set('links', id, name, value));
  const onShelf = async (item: string, change: Partial<Item>): Promise<void> => {
    setProblem('');
    try {
      await call('PATCH /items/:id', { id: item }, change);
    } catch (error) {
      setProblem(messageOf(error));
    }
  };
  return (
    <details
      className="py-1"
      open={link.measured !== undefined || link.proof !== undefined || link.laid === true}
    >
      <summary>On site</summary>
      <NumberField
        label="Length as measured"
        unit="m"
        value={link.measured}
        min={0.1}
        max={20000}
        optional
        onCommit={value => set('Measure a lead', 'measured', value)}
      />
      {run.cutBy === 'accepted' && (
        <label className="flex gap-2 py-1 border-b border-rule">
          <input
            type="checkbox"
            checked={link.laid === true}
            onChange={event =>
              set(
                event.target.checked ? 'Mark a lead as laid' : 'Mark a lead as not laid',
                'laid',
                event.target.checked ? true : undefined,
              )
            }
          />
          It is laid: its cables stay when leads are cut again
        </label>
      )}
      {run.items.map(item => (
        <p key={item} className="flex gap-2 py-1 border-b border-rule">
          <span className="grow">{shelf.items[item]?.tape}</span>
          <button className="link" onClick={() => void onShelf(item, { state: 'in repair' })}>
            This cable is bad
          </button>
        </p>
      ))}
      {problem && (
        <p role="alert" className="text-stop">
          {problem}
        </p>
      )}
      {link.proof ? (
        <p className="flex gap-2 py-1 border-b border-rule">
          <span className="grow">
            {link.proof.works ? 'Carried' : 'Failed at'} {link.proof.format ?? 'its signal'} over{' '}
            {showText(link.proof.length, 'm', reading)}, {link.proof.at.slice(0, 10)}, {link.proof.by}
          </span>
          <button className="link" onClick={() => set('Drop a proof', 'proof', undefined)}>
            Drop
          </button>
        </p>
      ) : (
        <ProofForm
          format={run.format}
          length={
            typeof run.cableLength.value === 'number' ? run.cableLength.value : Number(run.length.value)
          }
          onProof={proof => {
            set('Note what a lead carried', 'proof', { ...proof });
            // What one cable carried holds for the next event as well.
            const [item] = run.items;
            if (item !== undefined && run.items.length === 1) void onShelf(item, { proof });
          }}
        />
      )}
    </details>
  );
}

function ProofForm({
  format: usual,
  length,
  onProof,
}: {
  format: VideoFormat;
  length: number;
  onProof: (proof: Proof) => void;
}) {
  const [format, setFormat] = useState<VideoFormat>(usual);
  const [metres, setMetres] = useState(length);
  const [by, setBy] = useState(signedName);
  const nobody = by.trim() === '';
  const who = nobody ? 'say who tested it' : undefined;
  const give = (works: boolean): void => {
    keepName(by.trim());
    onProof({ format, length: metres, works, at: new Date().toISOString(), by: by.trim() });
  };
  return (
    <div className="py-1">
      <label className="flex gap-2 py-1">
        <span className="grow">Tested at</span>
        <select
          className="field"
          value={format}
          onChange={event => setFormat(event.target.value as VideoFormat)}
        >
          {VIDEO_FORMATS.map(each => (
            <option key={each}>{each}</option>
          ))}
        </select>
      </label>
      <NumberField
        label="over a length of"
        unit="m"
        value={metres}
        min={0.1}
        max={20000}
        onCommit={value => value !== undefined && setMetres(value)}
      />
      <label className="flex gap-2 py-1">
        <span className="grow">by</span>
        <input className="field" maxLength={80} value={by} onChange={event => setBy(event.target.value)} />
      </label>
      <p className="flex gap-2 py-1">
        <button className="button" disabled={nobody} title={who} onClick={() => give(true)}>
          It carried
        </button>
        <GuardedButton why={who} onClick={() => give(false)}>
          It failed
        </GuardedButton>
      </p>
    </div>
  );
}
