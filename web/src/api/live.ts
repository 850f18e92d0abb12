/**
 * What changes on the server, as it happens. One tab of the browser holds the connection (a web lock decides
 * which) and passes on what it hears; when that tab closes another takes over.
 */
import type { LiveMessage } from '@idle-satchel/core/api';
import { addressOf } from './client.js';
type Listener = (message: LiveMessage) => void;

const listeners = new Set<Listener>();
let channel: BroadcastChannel | undefined;

function tell(message: LiveMessage): void {
  for (const listener of listeners) listener(message);
}

function holdConnection(): Promise<never> {
  const source = new EventSource(addressOf('GET /live'));
  const pass = (message: LiveMessage): void => {
    tell(message);
    channel?.postMessage(message);
  };
  source.addEventListener('change', event => pass(JSON.parse(String(event.data)) as LiveMessage));
  source.addEventListener('resync', () => pass({ resync: true }));
  return new Promise(() => undefined);
}

/** Calls `listener` with every message until the returned function is called. */
export function listen(listener: Listener): () => void {
  listeners.add(listener);
  if (!channel) {
    channel = new BroadcastChannel('idle-satchel live');
    channel.onmessage = event => tell(event.data as LiveMessage);
    void navigator.locks.request('idle-satchel live', holdConnection);
  }
  return () => listeners.delete(listener);
}
