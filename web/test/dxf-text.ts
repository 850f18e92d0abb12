/** A DXF file written by hand. */
export const dxf = (entities: string, header = '', blocks = ''): string =>
  [
    '0',
    'SECTION',
    '2',
    'HEADER',
    header,
    '0',
    'ENDSEC',
    blocks,
    '0',
    'SECTION',
    '2',
    'ENTITIES',
    entities,
    '0',
    'ENDSEC',
    '0',
    'EOF',
    '',
  ]
    .filter(line => line !== '')
    .join('\n');
export const entity = (...pairs: (string | number)[]): string => pairs.join('\n');
export const line = (x1: number, y1: number, x2: number, y2: number): string =>
  entity(0, 'LINE', 8, 'WALL', 10, x1, 20, y1, 11, x2, 21, y2);
