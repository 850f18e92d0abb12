import { connect, inOrder, newId, type End, type Operation } from '@idle-satchel/core';
import { useState } from 'react';
import { useFlags } from '../../ledger/flags.js';
import { Heading } from '../../ledger/Ledger.js';
import { useEvent, useOpenEvent, usePlan, useResult, useStore, useUi } from '../../store/hooks.js';

const key = ({ device = '', port = '' }: End): string => `${device}.${port}`;

/** Every link of pictures, sound and network; a new one brings its adapter where the plugs differ. */
export function Links() {
  const store = useStore();
  const { ui } = useOpenEvent();
  const links = usePlan(plan => plan.links);
  const devices = usePlan(plan => plan.devices);
  const { kinds, shelf } = useEvent(state => state.bundle);
  const { wiring, links: mates } = useResult('signal');
  const selected = useUi(state => state.selected);
  const flag = useFlags();
  const [from, setFrom] = useState('');
  const [problem, setProblem] = useState('');
  const ports = inOrder(devices).flatMap(([device, { label, kind }]) =>
    inOrder(kinds.kinds[kind]?.ports)
      .filter(([, port]) => port.carries !== 'power')
      .map(([port, value]) => ({ end: { device, port }, port: value, words: `${label} · ${value.label}` })),
  );
  const used = new Set(inOrder(links).flatMap(([, link]) => [key(link.from), key(link.to)]));
  const outs = ports.filter(({ port, end }) => port.direction !== 'in' && !used.has(key(end)));
  const source = outs.find(({ end }) => key(end) === from);
  const ins = ports.filter(
    ({ port, end }) =>
      port.direction !== 'out' &&
      !used.has(key(end)) &&
      port.carries === source?.port.carries &&
      end.device !== source.end.device,
  );
  const join = (to: string): void => {
    const target = ins.find(({ end }) => key(end) === to);
    if (!source || !target) return;
    const joint = {
      from: source.end,
      fromPort: source.port,
      to: target.end,
      toPort: target.port,
      seed: newId(),
      hasLinks: links !== undefined,
    };
    const connection = connect(joint, kinds, shelf, wiring);
    if (!connection)
      return setProblem(`No adapter known leads from ${source.port.connector} to ${target.port.connector}.`);
    setProblem('');
    setFrom('');
    store.commit(`Plug ${source.words} into ${target.words}`.slice(0, 120), connection.changes);
  };
  const name = (end: End): string =>
    (end.socket ?? end.networkSocket)
      ? 'venue'
      : `${devices?.[end.device ?? '']?.label ?? '?'} · ${wiring.portOf(end)?.label ?? '?'}`;
  const remove = (id: string): Operation[] => [{ op: 'remove', path: `/links/${id}` }];
  return (
    <>
      <Heading>Links</Heading>
      {inOrder(links)
        .filter(([, link]) => wiring.portOf(link.to)?.carries !== 'power')
        .map(([id, link]) => {
          const bad = flag(`signal.links.${id}.mates`) !== undefined || mates[id]?.mates.value === false;
          return (
            <p
              key={id}
              className={`flex gap-2 py-1 border-b border-rule text-[13.5px] ${id === selected ? 'bg-shade' : ''}`}
            >
              <button className={`grow text-left ${bad ? 'text-stop' : ''}`} onClick={() => ui.select(id)}>
                {bad && <span aria-hidden>◆ </span>}
                {name(link.from)} → {name(link.to)}
              </button>
              <button className="link" onClick={() => store.patchPlan('Unplug a lead', remove(id))}>
                Unplug
              </button>
            </p>
          );
        })}
      <div className="mt-3 flex flex-wrap gap-2 items-baseline">
        <label>
          <span className="text-faint">Plug </span>
          <select className="field" value={from} onChange={event => setFrom(event.target.value)}>
            <option value="">a free output</option>
            {outs.map(({ end, words }) => (
              <option key={key(end)} value={key(end)}>
                {words}
              </option>
            ))}
          </select>
        </label>
        {source && (
          <label>
            <span className="text-faint">into </span>
            <select className="field" value="" onChange={event => join(event.target.value)}>
              <option value="">a free input</option>
              {ins.map(({ end, words }) => (
                <option key={key(end)} value={key(end)}>
                  {words}
                </option>
              ))}
            </select>
          </label>
        )}
      </div>
      {problem && <p className="text-stop mt-1">{problem}</p>}
    </>
  );
}
