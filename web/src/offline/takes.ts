/** Stock takes that are under way, kept on this device: the cupboard has no network. */
import { database } from './database.js';
import type { KeptTake } from './shelves.js';

/** The take of an organisation; of whichever was touched last where nobody answers whose shelf this is. */
export async function keptTake(organisation: string | undefined): Promise<KeptTake | undefined> {
  try {
    const shelves = await database();
    if (organisation !== undefined) return await shelves.get('takes', organisation);
    return (await shelves.getAll('takes')).sort((a, b) => b.touched - a.touched)[0];
  } catch {
    // A browser that keeps nothing begins anew.
    return undefined;
  }
}

/** Whether it could be kept. */
export async function keepTake(take: KeptTake): Promise<boolean> {
  try {
    await (await database()).put('takes', take);
    return true;
  } catch {
    return false;
  }
}

export async function dropTake(organisation: string): Promise<void> {
  const shelves = await database().catch(() => undefined);
  await shelves?.delete('takes', organisation);
}
