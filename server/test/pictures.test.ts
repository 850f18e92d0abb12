import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { setUp, type Setup } from './helper.js';

let setup: Setup;
beforeAll(async () => (setup = await setUp()));
afterAll(() => setup.close());
describe('pictures and files of a venue', () => {
  /** A chunk of a PNG; its checksum is left at zero, since nothing here decodes pixels. */
  const chunk = (name: string, bytes: Buffer): Buffer => {
    const length = Buffer.alloc(4);
    length.writeUInt32BE(bytes.length);
    return Buffer.concat([length, Buffer.from(name), bytes, Buffer.alloc(4)]);
  };
  // One pixel, with a text that tells who took it.
  const pixel = Buffer.concat([
    Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]),
    chunk('IHDR', Buffer.from([0, 0, 0, 1, 0, 0, 0, 1, 8, 0, 0, 0, 0])),
    chunk('tEXt', Buffer.from('Author\0Odile')),
    chunk('IDAT', Buffer.from([1, 2, 3])),
    chunk('IEND', Buffer.alloc(0)),
  ]);
  const send = (bytes: Buffer, id = 'picture00001') =>
    setup.api.put(`/api/v1/pictures/${id}`).set('content-type', 'image/png').send(bytes);

  it('are kept without what they tell, and given back', async () => {
    const made = await send(pixel);
    expect(made.status).toBe(200);
    expect(made.body).toEqual({ width: 1, height: 1 });
    const back = await setup.api.get('/api/v1/pictures/picture00001').responseType('blob');
    expect(back.headers['content-type']).toBe('image/png');
    expect((back.body as Buffer).includes('Odile')).toBe(false);
    expect(pixel.includes('Odile')).toBe(true);
    expect((await setup.api.get('/api/v1/pictures/nosuchpicture')).status).toBe(404);
  });

  it('are sent again without harm, but an id is never another picture’s', async () => {
    expect((await send(pixel, 'picture00002')).status).toBe(200);
    expect((await send(pixel, 'picture00002')).status).toBe(200);
    const other = Buffer.from(pixel);
    other.writeUInt32BE(2, 16);
    expect((await send(other, 'picture00002')).status).toBe(409);
    const elsewhere = await setup.api
      .get('/api/v1/pictures/picture00002')
      .set('cookie', 'organisation=orgzcedarhol');
    expect(elsewhere.status).toBe(404);
    expect((await send(pixel, 'No id')).status).toBe(404);
  });

  it('that are none, broken, too large or swell are refused in words', async () => {
    expect((await send(Buffer.from('<svg/>'))).status).toBe(415);
    expect((await send(pixel.subarray(0, pixel.length - 20))).status).toBe(422);
    const bomb = Buffer.from(pixel);
    bomb.writeUInt32BE(60_000, 16);
    bomb.writeUInt32BE(60_000, 20);
    expect((await send(bomb)).status).toBe(413);
    expect((await send(Buffer.alloc(7 * 1024 * 1024))).status).toBe(413);
  });

  it('come as DXF, SVG and one page of PDF', async () => {
    const file = (name: string) => setup.api.get(`/api/v1/venues/venuegrange1/${name}`).responseType('blob');
    expect(((await file('plan.dxf')).body as Buffer).toString()).toMatch(/EOF\s*$/);
    const svg = await file('plan.svg');
    expect(svg.headers['content-type']).toContain('image/svg+xml');
    expect((svg.body as Buffer).toString()).toContain('Quill Grange hall');
    const pdf = ((await file('sheet.pdf')).body as Buffer).toString('latin1');
    expect(pdf.match(/\/Type \/Page\b/g)).toHaveLength(1);
    expect((await setup.api.get('/api/v1/venues/nosuchvenue/plan.dxf')).status).toBe(404);
  });
});
