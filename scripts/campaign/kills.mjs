// Edits from many hands at two processes, which are killed again and again, and Postgres with them: none is lost, none
// is there twice.
import { documentOf, editOf, FRIDAY, newId, repeatedly, send, startWatched } from './servers.mjs';

export async function kills({ cluster, scale }) {
  const edits = Math.round(10_000 * scale);
  const wanted = Math.max(2, Math.round(20 * scale));
  const servers = [await startWatched(cluster.url), await startWatched(cluster.url)];
  const { revision } = await documentOf(servers[0].url, FRIDAY);
  /** The newest revision that anybody was told: what each edit is made on. */
  let newest = revision + 1;
  await send(servers[0].url, '/edits', {
    method: 'POST',
    body: editOf(FRIDAY, revision, [{ op: 'add', path: '/ticks', value: {} }]),
  });
  // A plan holds 5,000 ticks at most: beyond these each is put over one of long ago.
  const ids = Array.from({ length: Math.min(edits, 4_000) }, newId);
  const acknowledged = new Map();
  let [killed, killing, done] = [0, undefined, 0];
  const every = Math.floor(edits / (wanted + 1));
  const kill = async which => {
    await servers[which].end('SIGKILL');
    // Every fifth time the database is cut off as well.
    if (killed % 5 === 4) await cluster.crash();
    servers[which] = await startWatched(cluster.url);
    killed++;
  };
  await repeatedly(edits, 8, async i => {
    const [tick, check] = [ids[i % ids.length], `check ${i}`];
    const value = { check, by: 'Campaign', at: '2026-12-04T17:00:00Z' };
    const body = editOf(FRIDAY, newest, [{ op: 'add', path: `/ticks/${tick}`, value }]);
    for (let tries = 0; ; tries++) {
      await killing;
      // Sent again it goes to the other process, under the same id.
      const answer = await send(servers[(i + tries) % 2].url, '/edits', { method: 'POST', body }).catch(
        () => undefined,
      );
      if (answer?.status === 200) {
        newest = Math.max(newest, answer.json().documents[0].revision);
        break;
      }
      if (answer && answer.status !== 503) {
        throw new Error(`an edit was answered ${answer.status}: ${answer.text}`);
      }
    }
    acknowledged.set(tick, check);
    if (++done % every === 0 && killed < wanted)
      killing ??= kill(killed % 2).finally(() => (killing = undefined));
  });
  await killing;
  const { body, revision: last } = await documentOf(servers[1].url, FRIDAY);
  for (const server of servers) await server.end();
  const ticks = Object.entries(body.ticks);
  const lost = [...acknowledged].filter(([id, check]) => body.ticks[id]?.check !== check).length;
  const doubled = ticks.length - acknowledged.size + (last - revision - 1 - edits);
  return [
    [`${edits} edits at two processes, ${killed} kills: lost`, lost, 0],
    ['… doubled', doubled, 0],
  ];
}
