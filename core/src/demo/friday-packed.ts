/** Where everything of Friday travels: two cases and a car, as the searches packed and loaded them. */
import type { PackedLine } from '../documents/index.js';
import { idFrom, type Turn } from '../foundations/index.js';

/** Line, case or vehicle, and its corner there at the left, front and bottom, m. */
const PUT: readonly (readonly [line: string, to: string, x: number, y: number, z: number, turn: Turn])[] = [
  ['feedwide1', 'casecam01', 0.015, 0.015, 0.015, 'wdh'],
  ['camwide01', 'casecam01', 0.39, 0.015, 0.015, 'dhw'],
  ['laptopwor', 'casecam01', 0.39, 0.175, 0.015, 'wdh'],
  ['camside01', 'casecam01', 0.015, 0.39, 0.015, 'dwh'],
  ['battnorth', 'casecam01', 0.39, 0.175, 0.05, 'wdh'],
  ['camnorth1', 'casecam01', 0.505, 0.175, 0.05, 'wdh'],
  ['linkline1', 'casecam01', 0.015, 0.015, 0.073, 'wdh'],
  ['linkwide1', 'casecam01', 0.015, 0.015, 0.113, 'wdh'],
  ['feedstrip', 'casecam01', 0.015, 0.015, 0.153, 'wdh'],
  ['linkside1', 'casecabl1', 0, 0, 0, 'wdh'],
  ['linkswitc', 'casecabl1', 0.36, 0, 0, 'wdh'],
  ['linksound', 'casecabl1', 0.52, 0, 0, 'hwd'],
  ['linkstrea', 'casecabl1', 0.36, 0.16, 0, 'wdh'],
  ['feedlamp2', 'casecabl1', 0, 0, 0.025, 'wdh'],
  ['feedside1', 'casecabl1', 0.26, 0, 0.025, 'wdh'],
  ['feedlamp1', 'casecabl1', 0, 0, 0.05, 'wdh'],
  ['feedscree', 'casecabl1', 0.26, 0, 0.05, 'wdh'],
  ['linkscree', 'casecabl1', 0, 0, 0.075, 'wdh'],
  ['tape00000', 'casecabl1', 0.36, 0, 0.075, 'wdh'],
  ['linkrecor', 'casecabl1', 0.36, 0.15, 0.075, 'wdh'],
  ['linkword1', 'casecabl1', 0.36, 0.15, 0.1, 'wdh'],
  ['linknort1', 'casecabl1', 0, 0, 0.11, 'wdh'],
  ['hooks0000', 'casecabl1', 0, 0, 0.145, 'whd'],
  ['casecabl1', 'carodile1', 0, 0, 0, 'whd'],
  ['deskrack1', 'carodile1', 0.6, 0, 0, 'whd'],
  ['lampone01', 'carodile1', 0, 0.32, 0, 'hdw'],
  ['stand camwide01', 'carodile1', 0, 0.44, 0, 'hdw'],
  ['lamptwo02', 'carodile1', 0, 0.44, 0.2, 'hdw'],
  ['stand camnorth1', 'carodile1', 0, 0.63, 0, 'hwd'],
  ['stand camside01', 'carodile1', 0, 0.63, 0.16, 'hdw'],
  ['screennor', 'carodile1', 0.14, 0.85, 0, 'wdh'],
  ['casecam01', 'carodile1', 0.14, 1.3, 0, 'whd'],
];

export const FRIDAY_PACKED: Readonly<Record<string, PackedLine>> = Object.fromEntries(
  PUT.map(([line, to, x, y, z, turn]) => [idFrom(`packed ${line}`), { line, in: to, at: { x, y, z, turn } }]),
);
