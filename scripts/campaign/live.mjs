// Two hundred pages that listen: each hears of every edit, and soon.
import { documentOf, editOf, FRIDAY, ownersCookie, quantile, send, startWatched } from './servers.mjs';

export async function live({ cluster, scale }) {
  const listeners = 200;
  const edits = Math.max(10, Math.round(50 * scale));
  const server = await startWatched(cluster.url);
  const stop = new AbortController();
  const sent = new Map();
  const delays = [];
  const heard = Array.from({ length: listeners }, () => new Set());
  const listen = async i => {
    const answer = await fetch(`${server.url}/api/v1/live`, {
      signal: stop.signal,
      headers: { cookie: ownersCookie() },
    });
    const reader = answer.body.getReader();
    const decoder = new TextDecoder();
    const read = async () => {
      for (let text = ''; ;) {
        const { value, done } = await reader.read();
        if (done) return;
        text += decoder.decode(value, { stream: true });
        const messages = text.split('\n\n');
        text = messages.pop();
        for (const message of messages) {
          const revision = /"revision":(\d+)/.exec(message)?.[1];
          if (revision === undefined) continue;
          heard[i].add(Number(revision));
          const at = sent.get(Number(revision));
          if (at !== undefined) delays.push(performance.now() - at);
        }
      }
    };
    read().catch(() => undefined);
  };
  await Promise.all(heard.map((_, i) => listen(i)));
  let { revision } = await documentOf(server.url, FRIDAY);
  for (let i = 0; i < edits; i++) {
    sent.set(revision + 1, performance.now());
    const patch = [{ op: 'replace', path: '/devices/camnorth1/place/at', value: [10 + (i % 40) / 10, 2] }];
    await send(server.url, '/edits', { method: 'POST', body: editOf(FRIDAY, revision, patch) });
    revision++;
    await new Promise(resolve => setTimeout(resolve, 100));
  }
  stop.abort();
  await server.end();
  const missed = heard.filter(revisions => [...sent.keys()].some(each => !revisions.has(each))).length;
  return [
    [`${listeners} listeners: until an edit is heard, p99, ms`, quantile(delays, 0.99), 250],
    ['… that missed one', missed, 0],
  ];
}
