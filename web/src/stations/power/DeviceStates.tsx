import { POWER_STATE_WORDS, statePatch, statesByPhase } from '@idle-satchel/core';
import { Heading } from '../../ledger/Ledger.js';
import { useOpenEvent, usePlan, useResult, useUi } from '../../store/hooks.js';

/** What the selected device does when, phase by phase and item by item. */
export default function DeviceStates() {
  const { store } = useOpenEvent();
  const id = useUi(state => state.selected) ?? '';
  const device = usePlan(plan => plan.devices?.[id]);
  const order = usePlan(plan => plan.runningOrder);
  const load = useResult('power').devices[id];
  if (!device || !load) return null;
  const set = (words: string, where: { phase?: string; item?: string }, state: string): void =>
    store.patchPlan(`${device.label}: ${words}`, statePatch(id, device, where, state));
  return (
    <section aria-label="What it does when">
      <Heading about={device.label}>What it does when</Heading>
      <div className="grid grid-cols-[1fr_auto] gap-x-3 gap-y-0.5 items-baseline py-1">
        {statesByPhase(device, order, load).map(({ key, label, phase, item, state, usual, watts }) => (
          <label key={key} className="contents">
            <span className={item === undefined ? '' : 'pl-4 text-faint'}>
              {label}
              <span className="text-faint"> {watts}</span>
            </span>
            <select
              className="field"
              value={state ?? ''}
              onChange={event => set(label, item === undefined ? { phase } : { item }, event.target.value)}
            >
              <option value="">
                {item === undefined ? `usual: ${POWER_STATE_WORDS[usual].toLowerCase()}` : 'as in its phase'}
              </option>
              {Object.entries(POWER_STATE_WORDS).map(([each, words]) => (
                <option key={each} value={each}>
                  {words}
                </option>
              ))}
            </select>
          </label>
        ))}
      </div>
    </section>
  );
}
