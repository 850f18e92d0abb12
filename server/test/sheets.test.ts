/** Sheets of an event: lists, drawings and labels, as PDF, SVG and CSV. */
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { FRIDAY, setUp, type Setup } from './helper.js';

let setup: Setup;
beforeAll(async () => (setup = await setUp()));
afterAll(() => setup.close());

describe('sheets', () => {
  it('come as PDF and CSV', async () => {
    const pdf = await setup.api.get(`/api/v1/events/${FRIDAY}/cut-list.pdf`).buffer();
    expect(pdf.status).toBe(200);
    expect((pdf.body as Buffer).subarray(0, 5).toString()).toBe('%PDF-');
    const cameras = await setup.api.get(`/api/v1/events/${FRIDAY}/camera-plan.pdf`).buffer();
    expect(cameras.headers['content-disposition']).toContain('camera-plan.pdf');
    // One page of the plan and one of cards, three of them.
    expect((cameras.body as Buffer).toString('latin1').match(/\/Type \/Page\b/g)).toHaveLength(2);
    const csv = await setup.api.get(`/api/v1/events/${FRIDAY}/pack-list.csv`);
    expect(csv.text).toMatch(/^\uFEFFGroup,Count,Tape,What,For,Travels in,By air\r\nCameras,1,CAM 01,/);
  });
});

describe('lists of the day', () => {
  it.each([
    ['running-order', /^\uFEFFGroup,Done,Begins,Ends,Min,What,Where,Cameras,Layouts\r\nRig,☐,/],
    ['power-list', /\r\nCircuits,/],
    ['roles', /\r\nCall Fri 16:40,[^\r]*,Wilf Okonjo,/],
    ['check-list', /\r\nPack out,☐,/],
    ['battery-card', /look at BAT 01,/],
    ['charge-list', /,BAT 01,C2 BATTERY,85 %,153 min,CHG 01,/],
    ['breaker-list', /☐,north aisle,"?Circuit 1, north/],
    ['lights-out', /\r\nAll the mains,Goes dark,/],
  ])('%s comes as PDF, and as a table whose numbers are numbers', async (name, holds) => {
    const pdf = await setup.api.get(`/api/v1/events/${FRIDAY}/${name}.pdf`).buffer();
    expect((pdf.body as Buffer).subarray(0, 5).toString()).toBe('%PDF-');
    const csv = await setup.api.get(`/api/v1/events/${FRIDAY}/${name}.csv`);
    expect(csv.text).toMatch(holds);
  });

  it('have lengths as plain numbers with their unit in the heading', async () => {
    const { text } = await setup.api.get(`/api/v1/events/${FRIDAY}/lay-list.csv`);
    const [heading = '', first = ''] = text.split('\r\n');
    const at = heading.replace('"Needed, m"', 'Needed').split(',').indexOf('Needed');
    expect(Number(first.split(',')[at])).toBeGreaterThan(1);
  });
});

describe('sheets of Signal', () => {
  it('come as drawings and lists, the schematic over as many pages as it takes', async () => {
    const svg = await setup.api.get(`/api/v1/events/${FRIDAY}/schematic.svg`);
    expect(svg.status).toBe(200);
    expect((svg.body as Buffer).toString()).toContain('>DESK RACK<');
    const pdf = await setup.api.get('/api/v1/events/eventsatur1/schematic.pdf').buffer();
    expect((pdf.body as Buffer).toString('latin1').match(/\/Type \/Page\b/g)?.length).toBeGreaterThan(1);
    for (const [name, words] of [
      ['input-list', 'HDMI in 1'],
      ['patch-list', 'Across the floor'],
      ['format-card', '1080p25'],
    ] as const) {
      expect((await setup.api.get(`/api/v1/events/${FRIDAY}/${name}.csv`)).text).toContain(words);
      expect((await setup.api.get(`/api/v1/events/${FRIDAY}/${name}.pdf`).buffer()).status).toBe(200);
    }
  });
});

describe('racks on paper', () => {
  it('come as PDF, SVG and DXF, to scale', async () => {
    const file = async (ending: string) =>
      (await setup.api.get(`/api/v1/events/${FRIDAY}/racks.${ending}`).responseType('blob')).body as Buffer;
    expect((await file('pdf')).toString('latin1').match(/\/Type \/Page\b/g)?.length).toBe(2);
    expect((await file('svg')).toString()).toContain('>1 : 5<');
    expect((await file('dxf')).toString()).toContain('DESK RACK');
  });
});

describe('labels and lay lists', () => {
  it('come as PDF, SVG and CSV, for the size and paper that are asked for', async () => {
    const pdf = await setup.api.get(`/api/v1/events/${FRIDAY}/labels.pdf?size=wrap&paper=LETTER`).buffer();
    expect((pdf.body as Buffer).toString('latin1')).toMatch(/\/MediaBox \[0 0 612 792/);
    const svg = (await setup.api.get(`/api/v1/events/${FRIDAY}/labels.svg`)).body as Buffer;
    expect(svg.toString()).toMatch(/^<svg[^>]+viewBox="0 0 210 297"/);
    expect(svg.toString()).toContain('to HDMI in 3 of SWITCHER');
    const none = (await setup.api.get(`/api/v1/events/${FRIDAY}/labels.svg?page=99`)).body as Buffer;
    expect(none.toString()).not.toContain('<text');
    const wrong = await setup.api.get(`/api/v1/events/${FRIDAY}/labels.pdf?size=huge`);
    expect(wrong.status).toBe(422);
    expect(wrong.text).toContain('must be flag or wrap');
    const list = await setup.api.get(`/api/v1/events/${FRIDAY}/lay-list.csv`);
    expect(list.text).toMatch(
      /^\uFEFFGroup,Done,No\.,From,To,Tape,"Needed, m",On the way,Min\r\nPerson 1 · \d+ min,☐,R/,
    );
  });
});
