/** Files of any kind beside the documents. */
import { LARGEST_FILE } from '@idle-satchel/core/documents';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { setUp, type Setup } from './helper.js';

let setup: Setup;
beforeAll(async () => (setup = await setUp()));
afterAll(() => setup.close());

describe('a settings file', () => {
  // What would be a page if a browser showed it.
  const page = Buffer.from('<script>alert(1)</script>\0');
  const send = (bytes: Buffer, id = 'file00000001') =>
    setup.api.put(`/api/v1/files/${id}`).set('content-type', 'application/octet-stream').send(bytes);

  it('is kept as it is, and handed out to be saved, never shown', async () => {
    const kept = await send(page);
    expect([kept.status, kept.body]).toEqual([200, { bytes: page.length }]);
    const back = await setup.api.get('/api/v1/files/file00000001').responseType('blob');
    expect((back.body as Buffer).equals(page)).toBe(true);
    expect(back.headers['content-type']).toBe('application/octet-stream');
    expect(back.headers['content-disposition']).toBe('attachment');
    expect(back.headers['x-content-type-options']).toBe('nosniff');
  });

  it('is sent again without harm, never changes, and is of one organisation', async () => {
    expect((await send(page, 'file00000002')).status).toBe(200);
    expect((await send(page, 'file00000002')).status).toBe(200);
    expect((await send(Buffer.from('other'), 'file00000002')).status).toBe(409);
    const elsewhere = await setup.api
      .get('/api/v1/files/file00000002')
      .set('cookie', 'organisation=orgzcedarhol');
    expect(elsewhere.status).toBe(404);
    expect((await setup.api.get('/api/v1/files/nosuchfile01')).status).toBe(404);
  });

  it('has at most 20 MB and at least something in it', async () => {
    expect((await send(Buffer.alloc(LARGEST_FILE, 1), 'file00000003')).status).toBe(200);
    expect((await send(Buffer.alloc(LARGEST_FILE + 1, 1), 'file00000004')).status).toBe(413);
    expect((await send(Buffer.alloc(0), 'file00000005')).status).toBe(415);
  });
});
