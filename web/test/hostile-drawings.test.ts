/** Drawings that are broken or mean harm: refused in words, or read, never more. */
import { dxfOf, svgOf, toDrawing } from '@idle-satchel/core';
import { fridayBundle } from '@idle-satchel/core/demo';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readDxf } from '../src/exchange/read-dxf.js';
import { readSvg } from '../src/exchange/read-svg.js';
import { Refusal } from '../src/exchange/refusal.js';
import { dxf, entity, line } from './dxf-text.js';

const friday = fridayBundle();

describe('a broken or hostile file', () => {
  /** Refused in words; a hang would be cut off by the test’s own limit. */
  const refused = (read: () => unknown, words: RegExp): void => {
    expect(read).toThrow(Refusal);
    expect(read).toThrow(words);
  };

  it('that is no drawing at all is refused', () => {
    for (const text of ['', 'hello', '\0\0\0', '0\nSECTION\n2', '{"a":1}', '%PDF-1.7']) {
      refused(() => readDxf(text), /DXF/);
      refused(() => readSvg(text), /SVG/);
    }
    refused(() => readDxf(dxf('')), /nothing in this DXF/);
    refused(() => readSvg('<svg xmlns="http://www.w3.org/2000/svg"></svg>'), /nothing in this SVG/);
    refused(() => readSvg('<html><body/></html>'), /not an SVG/);
  });

  it('that is cut off anywhere is refused or read, never more', () => {
    const whole = dxfOf(toDrawing(friday.venue));
    const picture = svgOf(friday.venue, 100, { system: 'metric', zone: 'UTC' });
    fc.assert(
      fc.property(fc.nat(whole.length), at => {
        for (const read of [() => readDxf(whole.slice(0, at)), () => readSvg(picture.slice(0, at))]) {
          try {
            read();
          } catch (error) {
            expect(error).toBeInstanceOf(Refusal);
          }
        }
      }),
      { numRuns: 60 },
    );
  });

  it('that swells by entities, scripts itself or nests without end is refused', () => {
    const laughs = `<?xml version="1.0"?><!DOCTYPE svg [<!ENTITY a "ha"><!ENTITY b "&a;&a;&a;">]><svg>&b;</svg>`;
    refused(() => readSvg(laughs), /entities of its own/);
    refused(() => readSvg('<svg><script>alert(1)</script></svg>'), /script/);
    refused(() => readSvg('<svg><rect width="1" height="1" onload="x()"/></svg>'), /script/);
    refused(() => readSvg(`<svg>${'<g>'.repeat(500)}`), /groups more than/);
    refused(
      () => readSvg(`<svg>${'<rect width="1" height="1"/>'.repeat(20_100)}</svg>`),
      /more than 20,000 shapes/,
    );
    const nested = (name: string, inner: string): string =>
      ['0', 'BLOCK', '8', '0', '2', name, '10', '0', '20', '0', inner, '0', 'ENDBLK'].join('\n');
    const inserts = (name: string, times: number): string =>
      Array.from({ length: times }, () => entity(0, 'INSERT', 8, '0', 2, name, 10, 0, 20, 0)).join('\n');
    const bomb = [
      '0',
      'SECTION',
      '2',
      'BLOCKS',
      nested('A', line(0, 0, 1, 1)),
      nested('B', inserts('A', 50)),
      nested('C', inserts('B', 50)),
      nested('D', inserts('C', 50)),
      '0',
      'ENDSEC',
    ].join('\n');
    refused(() => readDxf(dxf(inserts('D', 5), '', bomb)), /more than 20,000 shapes/);
    const ring = ['0', 'SECTION', '2', 'BLOCKS', nested('R', inserts('R', 1)), '0', 'ENDSEC'].join('\n');
    refused(() => readDxf(dxf(inserts('R', 1), '', ring)), /blocks into blocks/);
  });
});
