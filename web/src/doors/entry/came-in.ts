/** Somebody signs in, or out: what the device keeps of somebody else is not for them. */
import type { Me } from '@idle-satchel/core/api';
import { me } from '../../api/me.js';
import { clearAll } from '../../offline/clear.js';
import { forgetKept } from '../../ui/use-kept.js';

/** Who was signed in last here, also while nobody is. */
const LAST = 'idle-satchel last in';

const keyOf = ({ account, event = '' }: Me): string => account ?? `guest ${event}`;

/** Takes over who came in. What others left on this device goes, unless it waits to be sent: that is theirs. */
export async function cameIn(next: Me): Promise<void> {
  if (next.signedIn) {
    const last = localStorage.getItem(LAST);
    if (last !== null && last !== keyOf(next)) {
      forgetKept();
      await clearAll().catch(() => undefined);
    }
    localStorage.setItem(LAST, keyOf(next));
  }
  me.set(next);
}
