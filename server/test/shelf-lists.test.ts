/** Lists and labels of the shelf as files. */
import { unzipSync, strFromU8 } from 'fflate';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { FRIDAY, setUp, type Setup } from './helper.js';

let setup: Setup;
beforeAll(async () => (setup = await setUp()));
afterAll(() => setup.close());

const API = '/api/v1';
const bytes = async (path: string): Promise<Buffer> => {
  const response = await setup.api
    .get(API + path)
    .buffer()
    .parse((res, done) => {
      const parts: Buffer[] = [];
      res.on('data', (part: Buffer) => parts.push(part));
      res.on('end', () => done(null, Buffer.concat(parts)));
    });
  expect(response.status).toBe(200);
  return response.body as Buffer;
};
const text = async (path: string): Promise<string> => (await bytes(path)).toString('utf8');
/** All that the parts of a workbook hold, as text. */
const workbook = async (path: string): Promise<string> =>
  Object.values(unzipSync(await bytes(path)))
    .map(part => strFromU8(part))
    .join('\n');

describe('lists of the shelf', () => {
  it('hold what belongs there, and what it is worth by currency', async () => {
    expect(await text('/shelf/lent-out.csv')).toMatch(/FLD 01.*Quillmere Players/);
    expect(await text('/shelf/repairs.txt')).toMatch(/HDP 02 .*left side crackles/);
    const failed = (await text('/shelf/tests-due.csv')).split('\r\n').find(line => line.includes('STF 03'));
    expect(failed).toContain('failed');
    await setup.api.patch(`${API}/items/itemcam01`).send({ insured: { amount: 1000.5, currency: 'EUR' } });
    const insured = await text('/shelf/insurance.txt');
    expect(insured).toMatch(/Together [\d.]+ GBP, 1000\.50 EUR|Together 1000\.50 EUR, [\d.]+ GBP/);
    expect(insured).not.toContain('LMP 03');
  });

  it('are of some things alone where these are named', async () => {
    const receipt = await text('/shelf/receipt.txt?ids=itemfld01');
    expect(receipt).toContain('Lent to: Quillmere Players');
    expect(receipt.split('\n').filter(line => line.startsWith('- '))).toHaveLength(1);
  });

  it('as workbooks have numbers, and words that no spreadsheet computes', async () => {
    const formula = '=HYPERLINK("http://127.0.0.1","x")';
    await setup.api.patch(`${API}/items/itemftc01`).send({ serial: formula });
    const book = await workbook('/shelf/inventory.xlsx');
    expect(book).not.toMatch(/<f>/);
    expect(book).toContain('HYPERLINK');
    expect(await text('/shelf/inventory.csv')).toContain(`'=HYPERLINK`);
    const pack = await workbook(`/events/${FRIDAY}/pack-list.xlsx`);
    expect(pack).toContain('CAM 01');
    expect(await text(`/events/${FRIDAY}/pack-list.txt`)).toMatch(/^- 1 · CAM 01 · /m);
  });

  it('have labels with codes, of all things or of one', async () => {
    const pages = async (path: string): Promise<number> =>
      (await bytes(path)).toString('latin1').match(/\/Type \/Page\b/g)?.length ?? 0;
    expect(await pages('/shelf/labels.pdf?ids=itemcam01')).toBe(1);
    // 174 things, 3 × 9 tags on A4 and 4 × 14 small ones.
    expect(await pages('/shelf/labels.pdf')).toBe(Math.ceil(174 / 27));
    expect(await pages('/shelf/labels.pdf?size=small')).toBe(Math.ceil(174 / 56));
    expect((await setup.api.get(`${API}/shelf/labels.pdf?size=huge`)).status).toBe(422);
  });
});
