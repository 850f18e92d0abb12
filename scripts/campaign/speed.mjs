// The API beside the barest server that could do the same, side by side in one run: a document read, an edit applied.
import express from 'express';
import pg from 'pg';
import { documentOf, editOf, FRIDAY, quantile, repeatedly, send, startWatched } from './servers.mjs';

/** Express and pg alone: a row read; a row locked, changed, and the change noted. */
async function bareServer(databaseUrl) {
  const pool = new pg.Pool({ connectionString: databaseUrl, max: 8 });
  // Cut off at the end, with the database.
  pool.on('error', () => undefined);
  await pool.query('CREATE TABLE bare AS SELECT * FROM documents');
  await pool.query('ALTER TABLE bare ADD PRIMARY KEY (organisation_id, id)');
  await pool.query('CREATE TABLE bare_log (id serial PRIMARY KEY, document text, patch jsonb)');
  const app = express().use(express.json());
  app.get('/api/v1/documents/:id', async (request, response) => {
    const { rows } = await pool.query('SELECT * FROM bare WHERE id = $1', [request.params.id]);
    response.json(rows[0]);
  });
  app.post('/api/v1/edits', async (request, response) => {
    const [{ document, patch }] = request.body.changes;
    const client = await pool.connect();
    try {
      await client.query('BEGIN');
      const { rows } = await client.query('SELECT * FROM bare WHERE id = $1 FOR UPDATE', [document]);
      const [{ body }] = rows;
      body.devices.camnorth1.place.at = patch[0].value;
      await client.query('UPDATE bare SET body = $1, revision = revision + 1 WHERE id = $2', [
        JSON.stringify(body),
        document,
      ]);
      await client.query('INSERT INTO bare_log (document, patch) VALUES ($1, $2)', [
        document,
        JSON.stringify(patch),
      ]);
      await client.query('COMMIT');
      response.json({ done: true });
    } finally {
      client.release();
    }
  });
  const server = await new Promise(resolve => {
    const listening = app.listen(0, '127.0.0.1', () => resolve(listening));
  });
  return {
    url: `http://127.0.0.1:${server.address().port}`,
    end: async () => {
      server.close();
      server.closeAllConnections();
      await pool.end();
    },
  };
}

export async function speed({ cluster, scale }) {
  const server = await startWatched(cluster.url);
  const bare = await bareServer(cluster.url);
  let { revision } = await documentOf(server.url, FRIDAY);
  const place = i => [
    { op: 'replace', path: '/devices/camnorth1/place/at', value: [10 + (i % 400) / 100, 2] },
  ];
  const read = url => () => send(url, `/documents/${FRIDAY}`);
  const ours = async i => {
    const answer = await send(server.url, '/edits', {
      method: 'POST',
      body: editOf(FRIDAY, revision, place(i)),
    });
    if (answer.status !== 200) throw new Error(`an edit was answered ${answer.status}`);
    revision++;
  };
  const theirs = i => send(bare.url, '/edits', { method: 'POST', body: editOf(FRIDAY, 1, place(i)) });
  /** So often in a second, the median of rounds taken in turns. */
  const compared = async (times, atOnce, one, other) => {
    const rates = [[], []];
    for (let round = 0; round < 7; round++) {
      for (const [which, work] of [one, other].entries()) {
        const begun = performance.now();
        await repeatedly(times, atOnce, work);
        rates[which].push(times / (performance.now() - begun));
      }
    }
    return quantile(rates[0], 0.5) / quantile(rates[1], 0.5);
  };
  const reads = await compared(Math.round(600 * Math.max(scale, 0.3)), 8, read(server.url), read(bare.url));
  const edits = await compared(Math.round(200 * Math.max(scale, 0.3)), 1, ours, theirs);
  await server.end();
  await bare.end();
  return [
    ['GET /documents/:id, as a share of bare Express and pg', reads, 0.6, 'at least'],
    ['edits of a plan, as a share of bare lock, update, insert', edits, 0.4, 'at least'],
  ];
}
