/** What must not ride in one case. */
import type { Kind } from '../../../documents/index.js';

/** Why two things must not share a case, in words that follow “in one case”; undefined where they may. */
export function ridesApart(a: Kind | undefined, b: Kind | undefined): string | undefined {
  if (!a || !b) return undefined;
  const [wet, dry] = a.travel?.fluid === true ? [a, b] : [b, a];
  if (wet.travel?.fluid === true && dry.travel?.fluid !== true && isElectric(dry))
    return 'what leaks runs into what has power';
  const [laptop, other] = isLaptop(a) ? [a, b] : [b, a];
  if (isLaptop(laptop) && other.family === 'screen')
    return 'a laptop travels in its own sleeve, outside screens';
  return undefined;
}

const isElectric = ({ power, supply, battery, inner }: Kind): boolean =>
  power !== undefined || supply !== undefined || battery !== undefined || inner !== undefined;

/** A computer that has a battery of its own. */
const isLaptop = ({ family, inner }: Kind): boolean => family === 'computer' && inner !== undefined;
