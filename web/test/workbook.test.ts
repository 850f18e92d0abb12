/** Workbooks as people keep them, and files that are none or too much. */
import { zipSync, strToU8 } from 'fflate';
import { describe, expect, it } from 'vitest';
import { pictureFrom } from '../src/exchange/picture.js';
import { workbookRows } from '../src/exchange/workbook.js';

const XML = '<?xml version="1.0" encoding="UTF-8" standalone="yes"?>';
const MAIN = 'http://schemas.openxmlformats.org/spreadsheetml/2006/main';
const RELATIONS = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships';

/** A workbook of one sheet (ECMA-376) from the XML of its rows and what follows them. */
function workbook(rows: string, after = ''): File {
  const parts: Record<string, string> = {
    '[Content_Types].xml': `<Types xmlns="http://schemas.openxmlformats.org/package/2006/content-types"/>`,
    'xl/workbook.xml': `<workbook xmlns="${MAIN}" xmlns:r="${RELATIONS}"><sheets><sheet name="Kit" sheetId="1" r:id="rId1"/></sheets></workbook>`,
    'xl/_rels/workbook.xml.rels': `<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="rId1" Type="${RELATIONS}/worksheet" Target="worksheets/sheet1.xml"/></Relationships>`,
    'xl/worksheets/sheet1.xml': `<worksheet xmlns="${MAIN}"><sheetData>${rows}</sheetData>${after}</worksheet>`,
  };
  const bytes = zipSync(
    Object.fromEntries(Object.entries(parts).map(([name, text]) => [name, strToU8(XML + text)])),
  );
  return new File([bytes], 'kit.xlsx');
}
const words = (at: string, text: string): string => `<c r="${at}" t="inlineStr"><is><t>${text}</t></is></c>`;

describe('a workbook', () => {
  it('gives of merged cells the first, of formulas what they came to', async () => {
    const rows = await workbookRows(
      workbook(
        `<row r="1">${words('A1', 'tape')}${words('B1', 'pieces')}${words('C1', 'note')}</row>` +
          `<row r="2">${words('A2', 'N30')}<c r="B2"><f>2*3</f><v>6</v></c>${words('C2', '=cmd()')}</row>` +
          `<row r="3">${words('A3', 'RAMP')}<c r="B3"/><c r="C3"/></row>`,
        '<mergeCells count="1"><mergeCell ref="A3:C3"/></mergeCells>',
      ),
    );
    expect(rows).toEqual([
      ['tape', 'pieces', 'note'],
      ['N30', '6', '=cmd()'],
      ['RAMP', '', ''],
    ]);
  });

  it('that is none, or is cut off, is refused in words', async () => {
    const whole = workbook(`<row r="1">${words('A1', 'tape')}</row>`);
    await expect(workbookRows(new File(['tape;kind'], 'kit.xlsx'))).rejects.toThrow('This is no workbook');
    const cut = whole.slice(0, Math.floor(whole.size / 2));
    await expect(workbookRows(new File([cut], 'kit.xlsx'))).rejects.toThrow(/no workbook|cannot be read/);
  });

  it('that is larger than it may be is not even read', async () => {
    const large = workbook('');
    Object.defineProperty(large, 'size', { value: 20 * 1024 * 1024 + 1 });
    await expect(workbookRows(large)).rejects.toThrow('more than 20 MB');
  });
});

describe('a photo', () => {
  const photo = (bytes: number): File => {
    const file = new File(['no picture'], 'cupboard.jpg', { type: 'image/jpeg' });
    Object.defineProperty(file, 'size', { value: bytes });
    return file;
  };
  it('of more than 40 MB is refused in words; one of just that is looked at', async () => {
    await expect(pictureFrom(photo(40 * 1024 * 1024 + 1))).rejects.toThrow('more than 40 MB');
    await expect(pictureFrom(photo(40 * 1024 * 1024))).rejects.toThrow('not a PNG, JPEG or SVG');
  });
});
