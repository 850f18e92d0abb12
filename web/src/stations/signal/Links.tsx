import { inOrder, type End } from '@idle-satchel/core';
import { useFlags } from '../../ledger/flags.js';
import { Heading } from '../../ledger/Ledger.js';
import { useOpenEvent, usePlan, useResult, useStore, useUi } from '../../store/hooks.js';

/** Every lead of pictures, sound, network and control. */
export function Links() {
  const store = useStore();
  const { ui } = useOpenEvent();
  const links = usePlan(plan => plan.links);
  const devices = usePlan(plan => plan.devices);
  const { wiring, links: mates } = useResult('signal');
  const selected = useUi(state => state.selected);
  const flag = useFlags();
  const name = (end: End): string =>
    (end.socket ?? end.networkSocket)
      ? 'venue'
      : `${devices?.[end.device ?? '']?.label ?? '?'} · ${wiring.portOf(end)?.label ?? '?'}`;
  return (
    <>
      <Heading>Links</Heading>
      {inOrder(links)
        .filter(([, link]) => wiring.portOf(link.to)?.carries !== 'power')
        .map(([id, link]) => {
          const fits = mates[id]?.mates;
          const bad = fits !== undefined && (fits.value === false || flag(fits) !== undefined);
          return (
            <p
              key={id}
              className={`flex gap-2 py-1 border-b border-rule text-[13.5px] ${id === selected ? 'bg-shade' : ''}`}
            >
              <button className={`grow text-left ${bad ? 'text-stop' : ''}`} onClick={() => ui.select(id)}>
                {bad && <span aria-hidden>◆ </span>}
                {name(link.from)} → {name(link.to)}
              </button>
              <button
                className="link"
                onClick={() => store.editPlan('Unplug a lead', plan => plan.drop('links', id))}
              >
                Unplug
              </button>
            </p>
          );
        })}
    </>
  );
}
