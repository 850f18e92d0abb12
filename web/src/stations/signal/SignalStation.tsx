import { connect, inOrder, newId, type End, type Operation } from '@idle-satchel/core';
import { useMemo, useState } from 'react';
import { FigureRow, Heading, useWorkingKey } from '../../ledger/Ledger.js';
import { useFlags } from '../../ledger/flags.js';
import { useEvent, useOpenEvent, usePlan, useResult, useStore, useUi } from '../../store/hooks.js';
import { BOX_WIDTH, layout } from './schematic-layout.js';

/** Signal: every source to an input, every output fed, drawn left to right. */
export default function SignalStation() {
  useWorkingKey();
  const signal = useResult('signal');
  const devices = usePlan(plan => plan.devices);
  const outputs = usePlan(plan => plan.outputs);
  const flag = useFlags();
  return (
    <div className="grid grid-cols-[minmax(0,1.87fr)_minmax(320px,1fr)] h-full">
      <Schematic />
      <aside className="px-4 py-2 border-l border-rule overflow-auto">
        <Heading>Sources</Heading>
        {Object.entries(signal.sources).map(([id, { input }]) => (
          <FigureRow
            key={id}
            label={devices?.[id]?.label ?? id}
            figure={input}
            path={`signal.sources.${id}.input`}
            flag={flag(`signal.sources.${id}.input`)}
          />
        ))}
        {Object.entries(signal.switchers).map(([id, inputs]) => (
          <div key={id}>
            <Heading about={devices?.[id]?.label}>Inputs of</Heading>
            <FigureRow label="Inputs" figure={inputs.have} path={`signal.switchers.${id}.have`} />
            <FigureRow label="In use" figure={inputs.used} path={`signal.switchers.${id}.used`} />
            <FigureRow label="Spare" figure={inputs.spare} path={`signal.switchers.${id}.spare`} />
          </div>
        ))}
        <Heading>Outputs</Heading>
        {Object.entries(signal.outputs).map(([id, { fedBy }]) => (
          <FigureRow
            key={id}
            label={outputs?.[id]?.label ?? id}
            figure={fedBy}
            path={`signal.outputs.${id}.fedBy`}
            flag={flag(`signal.outputs.${id}.fedBy`)}
          />
        ))}
        <Links />
      </aside>
    </div>
  );
}

function Schematic() {
  const { ui } = useOpenEvent();
  const devices = usePlan(plan => plan.devices);
  const links = usePlan(plan => plan.links);
  const kinds = useEvent(state => state.bundle.kinds.kinds);
  const mates = useResult('signal').links;
  const selected = useUi(state => state.selected);
  const { boxes, wires, width, height } = useMemo(
    () => layout(devices, kinds, links),
    [devices, kinds, links],
  );
  return (
    <section aria-label="Schematic" className="overflow-auto">
      <svg
        className="plan block min-w-[560px] w-full"
        style={{ maxWidth: width * 1.15 }}
        viewBox={`0 0 ${width} ${height}`}
        role="group"
        aria-label="Devices and links from sources to destinations"
      >
        {wires.map(({ id, d }) => {
          const bad = mates[id]?.mates.value === false;
          return (
            <g key={id}>
              <path
                d={d}
                fill="none"
                stroke={id === selected ? 'var(--brass)' : bad ? 'var(--madder)' : 'var(--ink)'}
                strokeWidth={id === selected ? 2.4 : 1.4}
                strokeDasharray={bad ? '7 3 2 3' : undefined}
              />
              <path
                d={d}
                fill="none"
                stroke="transparent"
                strokeWidth={9}
                className="handle"
                onClick={() => ui.select(id)}
              />
            </g>
          );
        })}
        {boxes.map(box => (
          <g key={box.id} transform={`translate(${box.x} ${box.y})`} onClick={() => ui.select(box.id)}>
            <rect
              width={BOX_WIDTH}
              height={box.height}
              fill="var(--paper)"
              stroke={box.id === selected ? 'var(--brass)' : 'var(--ink)'}
              strokeWidth={box.id === selected ? 2 : 1.2}
            />
            <text
              x={8}
              y={15}
              fontSize={14}
              fontWeight={600}
              fill="var(--ink)"
              style={{ fontFamily: 'var(--font-tape)', letterSpacing: '.04em' }}
            >
              {box.label}
            </text>
            <text x={8} y={28} fontSize={10.5} fill="var(--faint-word)">
              {box.kind.length > 28 ? `${box.kind.slice(0, 27)}…` : box.kind}
            </text>
            {box.ins.map(pin => (
              <g key={pin.port}>
                <circle cx={0} cy={pin.y} r={3} fill="var(--ink)" />
                <text x={8} y={pin.y + 4} fontSize={11.5} fill="var(--ink)">
                  {pin.label}
                </text>
              </g>
            ))}
            {box.outs.map(pin => (
              <g key={pin.port}>
                <circle
                  cx={BOX_WIDTH}
                  cy={pin.y}
                  r={3}
                  fill="var(--paper)"
                  stroke="var(--ink)"
                  strokeWidth={1.4}
                />
                <text x={BOX_WIDTH - 8} y={pin.y + 4} textAnchor="end" fontSize={11.5} fill="var(--ink)">
                  {pin.label}
                </text>
              </g>
            ))}
          </g>
        ))}
      </svg>
    </section>
  );
}

const key = ({ device = '', port = '' }: End): string => `${device}.${port}`;

/** Every link of pictures, sound and network; a new one brings its adapter where the plugs differ. */
function Links() {
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
