/** Whose part it is to change a battery. */
import type { Assessment } from '../assess.js';
import type { Hands } from '../documents/index.js';
import { inOrder } from '../foundations/index.js';

/** Of whoever works the first camera that hangs on it, else of the floor, else of who leads: the role, and who has it. */
export function whoChanges(
  battery: string,
  { hands, power, signal }: Pick<Assessment, 'hands' | 'power' | 'signal'>,
  { people }: Hands,
): string {
  const fed = inOrder(signal.wiring.devices).flatMap(([id]) =>
    power.feeds[id]?.from === battery ? [id] : [],
  );
  const roles = Object.values(hands.roles);
  const role =
    roles.find(({ key }) => fed.some(device => key === `camera ${device}`)) ??
    roles.find(({ skill }) => skill === 'floor') ??
    roles[0];
  if (!role) return 'whoever is free';
  const name = people[role.person ?? '']?.name;
  return name === undefined ? role.label : `${role.label}, ${name}`;
}
