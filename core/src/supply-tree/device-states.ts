/** What a device does when, as it is shown and edited. */
import type { Device, Phase, PowerState, RunningItem } from '../documents/index.js';
import { POWER_STATES } from '../documents/power-words.js';
import { inOrder, numberOf, pointerOf, type MapOf, type Operation } from '../foundations/index.js';
import { PHASE_WORDS } from '../stations/brief/phase-words.js';
import { PHASE_ORDER } from '../stations/brief/running-order.js';
import type { DeviceLoad } from '../stations/power/index.js';
import { figureIn } from '../stations/power/loads.js';
import { stateIn, USUAL_STATES } from '../stations/power/states.js';

export interface StateLine {
  readonly key: string;
  readonly label: string;
  readonly phase: Phase;
  /** The item of the running order; absent for its whole phase. */
  readonly item?: string;
  /** What somebody said; absent = as usual. */
  readonly state: PowerState | undefined;
  /** What it does where nobody says anything. */
  readonly usual: PowerState;
  /** What it takes then. */
  readonly watts: string;
}

/** A line for each phase that the running order has, and under it one for each of its items, where it has several. */
export function statesByPhase(
  { states }: Pick<Device, 'states'>,
  order: MapOf<RunningItem> | undefined,
  load: DeviceLoad,
): readonly StateLine[] {
  const watts = (state: PowerState): string => {
    if (state === 'off') return '0 W';
    const value = numberOf(figureIn(load, state, 'watts'));
    return value === undefined ? 'W not known' : `${Math.round(value)} W`;
  };
  return PHASE_ORDER.flatMap((phase): StateLine[] => {
    const items = inOrder(order).filter(([, item]) => item.phase === phase);
    if (items.length === 0) return [];
    const inPhase = states?.[phase] ?? USUAL_STATES[phase];
    const line: StateLine = {
      key: phase,
      label: PHASE_WORDS[phase],
      phase,
      state: states?.[phase],
      usual: USUAL_STATES[phase],
      watts: watts(inPhase),
    };
    if (items.length === 1 && !states?.items?.[items[0]?.[0] ?? '']) return [line];
    return [
      line,
      ...items.map(([item, { label }]): StateLine => ({
        ...{ key: item, label, phase, item },
        state: states?.items?.[item]?.state,
        usual: inPhase,
        watts: watts(stateIn(states, phase, item)),
      })),
    ];
  });
}

const isState = (text: string): text is PowerState => (POWER_STATES as readonly string[]).includes(text);

/** The patch that says what a device does in a phase or in an item; an empty state says nothing any more. */
export function statePatch(
  id: string,
  { states }: Pick<Device, 'states'>,
  { phase, item }: { readonly phase?: string; readonly item?: string },
  state: string,
): readonly Operation[] {
  const path = pointerOf('devices', id, 'states');
  const value = isState(state) ? state : undefined;
  if (phase !== undefined) {
    const known = states?.[phase as Phase] !== undefined;
    if (value === undefined) return known ? [{ op: 'remove', path: `${path}/${phase}` }] : [];
    return states
      ? [{ op: 'add', path: `${path}/${phase}`, value }]
      : [{ op: 'add', path, value: { [phase]: value } }];
  }
  if (item === undefined) return [];
  if (value === undefined)
    return states?.items?.[item] ? [{ op: 'remove', path: `${path}/items/${item}` }] : [];
  if (!states) return [{ op: 'add', path, value: { items: { [item]: { state: value } } } }];
  return states.items
    ? [{ op: 'add', path: `${path}/items/${item}`, value: { state: value } }]
    : [{ op: 'add', path: `${path}/items`, value: { [item]: { state: value } } }];
}
