import { formatCard, inputList, patchList, type Assessment, type Plan, type Sheet } from '@idle-satchel/core';
import { SheetTable } from '../../ledger/SheetTable.js';
import { useEvent } from '../../store/hooks.js';
import type { ListName } from './list-words.js';

const MADE: Readonly<Record<ListName, (plan: Plan, assessment: Assessment) => Sheet>> = {
  'input-list': inputList,
  'patch-list': patchList,
  'format-card': formatCard,
};

/** One of the lists that come out of the schematic. */
export default function SignalList({ name }: { name: ListName }) {
  const plan = useEvent(({ bundle }) => bundle.plan);
  const assessment = useEvent(state => state.assessment);
  return <SheetTable sheet={MADE[name](plan, assessment)} name={name} />;
}
