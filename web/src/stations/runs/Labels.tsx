import {
  changedLabels,
  LABEL_SIZES,
  labelSizeWords,
  leadLabels,
  printedPatch,
  type LabelSize,
} from '@idle-satchel/core';
import { useState } from 'react';
import { addressOf } from '../../api/client.js';
import { FileLink } from '../../ledger/FileLink.js';
import { useEvent, useOpenEvent, useReading } from '../../store/hooks.js';

/** Labels for both ends of every lead; once printed, only what changed is printed again. */
export default function Labels() {
  const { store } = useOpenEvent();
  const { system } = useReading();
  const [size, setSize] = useState<LabelSize>('flag');
  const { plan } = useEvent(({ bundle }) => bundle);
  const assessment = useEvent(each => each.assessment);
  const all = leadLabels(plan, assessment);
  const changed = changedLabels(all, plan);
  const before = Object.keys(plan.printed ?? {}).length > 0;
  const file = (kind: 'pdf' | 'svg', only: 'all' | 'changed'): string =>
    addressOf(`GET /events/:id/labels.${kind}`, { id: store.id, size, only });
  return (
    <section aria-label="Labels" className="py-1">
      <label className="flex gap-2 py-1 border-b border-rule">
        <span className="grow">Size of a label</span>
        <select className="field" value={size} onChange={event => setSize(event.target.value as LabelSize)}>
          {(Object.keys(LABEL_SIZES) as LabelSize[]).map(name => (
            <option key={name} value={name}>
              {labelSizeWords(name, system)}
            </option>
          ))}
        </select>
      </label>
      <p className="py-1">
        {all.length} labels{before && changed.length > 0 && `, ${changed.length} not as they were printed`}
        {before && changed.length === 0 && ', all as they were printed'}.
      </p>
      <p className="flex flex-wrap gap-2">
        <FileLink className="button" address={file('pdf', 'all')}>
          All, PDF
        </FileLink>
        <FileLink className="button" address={file('svg', 'all')}>
          First page, SVG
        </FileLink>
        {before && changed.length > 0 && (
          <FileLink className="button button-main" address={file('pdf', 'changed')}>
            Only what changed, PDF
          </FileLink>
        )}
        {changed.length > 0 && (
          <button
            className="button"
            onClick={() =>
              store.patchPlan('Note labels as printed', printedPatch(all, plan, new Date().toISOString()))
            }
          >
            They are printed
          </button>
        )}
        <FileLink className="button" address={addressOf('GET /events/:id/lay-list.pdf', { id: store.id })}>
          Lay list, PDF
        </FileLink>
        <FileLink className="button" address={addressOf('GET /events/:id/lay-list.csv', { id: store.id })}>
          Lay list, CSV
        </FileLink>
      </p>
    </section>
  );
}
