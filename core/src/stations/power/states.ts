/** What each device does when: off, on standby, working, or at its most. */
import type { Phase, PhaseStates, PowerState } from '../../documents/index.js';
import { lasts, type Timeline } from './timeline.js';

/** What a device does in a phase of which nobody has said anything. */
export const USUAL_STATES: Readonly<Record<Phase, PowerState>> = {
  rig: 'off',
  check: 'working',
  rehearse: 'working',
  wait: 'working',
  live: 'working',
  strike: 'off',
};

export const STATE_WORDS: Readonly<Record<PowerState, string>> = {
  off: 'Off',
  standby: 'On standby',
  working: 'Working',
  peak: 'At its most',
};

/** A state, and how long it lasts unbroken, in minutes. */
export interface StateThen {
  readonly state: PowerState;
  readonly lasts: number;
}

/** What a device does in one item; without an item and a phase it works. */
export const stateIn = (
  states: PhaseStates | undefined,
  phase: Phase | undefined,
  item: string | undefined,
): PowerState =>
  states?.items?.[item ?? '']?.state ??
  (phase === undefined ? 'working' : (states?.[phase] ?? USUAL_STATES[phase]));

/** What a device does in each stretch of the day. Stretches that follow each other in one state make one unbroken state. */
export function statesOf(states: PhaseStates | undefined, timeline: Timeline): readonly StateThen[] {
  const each = timeline.map(({ phase, item }) => stateIn(states, phase, item));
  const found: StateThen[] = [];
  for (let at = 0; at < each.length;) {
    let end = at + 1;
    while (end < each.length && each[end] === each[at] && timeline[end]?.from === timeline[end - 1]?.to)
      end++;
    const span = { from: timeline[at]?.from ?? 0, to: timeline[end - 1]?.to ?? 0 };
    for (; at < end; at++) found.push({ state: each[at] ?? 'off', lasts: lasts(span) });
  }
  return found;
}
