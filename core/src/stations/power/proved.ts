/** Whether it was seen that a socket hangs on the circuit that it is said to hang on. */
import type { Socket } from '../../documents/index.js';

export const isProved = ({ proved, circuit }: Pick<Socket, 'proved' | 'circuit'>): boolean =>
  circuit !== undefined && proved?.circuit === circuit;
