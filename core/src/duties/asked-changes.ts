/** Noting that somebody was asked, as edits of the plans. */
import { inPlan } from '../edits.js';
import type { Operation } from '../foundations/index.js';
import type { AskedDuty } from './asking.js';

/** One change for each event that they were asked for, at an instant. */
export const askedChanges = (
  duties: readonly AskedDuty[],
  at: string,
): { readonly document: string; readonly base: number; readonly patch: readonly Operation[] }[] =>
  duties.map(({ event, revision, records }) => ({
    ...{ document: event, base: revision },
    patch: inPlan().each(records, (edit, record) =>
      edit.put('assignments', record, 'answer', { how: 'asked', at }),
    ).patch,
  }));
