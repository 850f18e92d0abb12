/** Assemblies that are opened on the schematic, by their cases: never saved with the event. */
import { Channel } from '../../../store/channel.js';

export const opened = new Channel<ReadonlySet<string>>(new Set());

export function toggleOpened(carrier: string): void {
  const next = new Set(opened.get());
  if (!next.delete(carrier)) next.add(carrier);
  opened.set(next);
}
