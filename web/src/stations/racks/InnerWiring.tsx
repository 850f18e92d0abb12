import { innerWiring } from '@idle-satchel/core';
import { SheetTable } from '../../ledger/SheetTable.js';
import { useEvent } from '../../store/hooks.js';

/** The leads of one rack, as they are laced and printed. */
export default function InnerWiring({ rack }: { rack: string }) {
  const { plan } = useEvent(({ bundle }) => bundle);
  const assessment = useEvent(each => each.assessment);
  const sheet = innerWiring(plan, assessment, rack);
  if (sheet.sections.length === 0) return null;
  return <SheetTable sheet={sheet} name="inner-wiring" />;
}
