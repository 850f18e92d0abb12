import { traceOf, type Trace } from '@idle-satchel/core';
import { useMemo } from 'react';
import { useEvent, usePlan, useResult, useUi } from '../../../store/hooks.js';

/** What hangs on whatever is selected: the chain behind an output, where a source ends, what dies with a lead. */
export function useTrace(): Trace | undefined {
  const selected = useUi(state => state.selected);
  const signal = useResult('signal');
  const links = usePlan(plan => plan.links);
  const outputs = usePlan(plan => plan.outputs);
  const format = useEvent(({ assessment }) => assessment.rules.format);
  return useMemo(() => {
    const trace = selected === undefined ? undefined : traceOf(selected, { signal, links, outputs, format });
    return trace && trace.links.size > 0 ? trace : undefined;
  }, [selected, signal, links, outputs, format]);
}
