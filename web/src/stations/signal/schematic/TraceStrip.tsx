import { longestOf } from '@idle-satchel/core';
import { useOpenEvent, usePlan, useUi } from '../../../store/hooks.js';
import { useTrace } from './use-trace.js';

/** The trace of what is selected, hop by hop, with the format of each and how late it is by then. */
export function TraceStrip() {
  const { ui } = useOpenEvent();
  const trace = useTrace();
  const selected = useUi(state => state.selected);
  const devices = usePlan(plan => plan.devices);
  const outputs = usePlan(plan => plan.outputs);
  const links = usePlan(plan => plan.links);
  if (!trace) return null;
  const name = (id: string): string => devices?.[id]?.label ?? '?';
  const link = links?.[selected ?? ''];
  const about =
    trace.what === 'lead'
      ? `Without the lead from ${name(link?.from.device ?? '')} to ${name(link?.to.device ?? '')}`
      : trace.what === 'source'
        ? `Where ${name(selected ?? '')} ends`
        : `What comes to ${outputs?.[selected ?? '']?.label ?? name(selected ?? '')}`;
  const out = (ids: readonly string[]): string => ids.map(id => outputs?.[id]?.label ?? id).join(', ');
  const consequence =
    trace.what === 'lead'
      ? [
          trace.outputs.length > 0 ? `black: ${out(trace.outputs)}` : 'no output goes black',
          trace.lost.length > 0 ? `lost: ${trace.lost.map(name).join(', ')}` : 'no source is lost',
        ].join(' · ')
      : trace.what === 'source'
        ? trace.outputs.length > 0
          ? `comes to ${out(trace.outputs)}`
          : 'comes to no output'
        : `${Math.round(longestOf(trace))} ms on the longest way`;
  return (
    <section
      aria-label="Trace"
      className="border-t border-ink px-3 pt-1 pb-2 max-h-[24vh] overflow-auto bg-paper"
    >
      <p className="flex gap-3 items-baseline">
        <b className="font-semibold">{about}</b>
        <span className="grow">{consequence}</span>
        <button className="link" onClick={() => ui.select(undefined)}>
          Clear
        </button>
      </p>
      <table>
        <thead>
          <tr>
            <th>From</th>
            <th>To</th>
            <th>Format</th>
            <th className="text-right">Adds</th>
            <th className="text-right">Late by then</th>
          </tr>
        </thead>
        <tbody>
          {trace.hops.map(({ link: id, from, to, format, adds, since }) => (
            <tr key={id} className={id === selected ? 'bg-shade' : undefined}>
              <td>{name(from)}</td>
              <td>{name(to)}</td>
              <td>{format?.value === undefined ? '' : String(format.value ?? 'not known')}</td>
              <td className="text-right">{adds.toFixed(0)} ms</td>
              <td className="text-right">{since.toFixed(0)} ms</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
