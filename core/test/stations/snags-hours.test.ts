/** When each rule of schedules and of the hours of a venue comes up, how grave it is, and that its fixes take it away. */
import { holds, set, type Row } from './snag-tables.js';

const TABLE: readonly Row[] = [
  [
    'hands.schedule-old',
    'note',
    ['plan', set('/schedule', { spare: 10, share: 90, work: {} })],
    ['plan', set('/ticks', {})],
  ],
  [
    // Called at 16:40, live from 19:30 to 21:05, struck at 21:50.
    'hands.before-open',
    'risk',
    ['plan', set('/hours', { open: '2026-12-04T16:41:00Z' })],
    ['plan', set('/hours', { open: '2026-12-04T16:40:00Z' })],
  ],
  [
    'hands.after-locked',
    'risk',
    ['plan', set('/hours', { locked: '2026-12-04T21:49:00Z' })],
    ['plan', set('/hours', { locked: '2026-12-04T21:50:00Z' })],
  ],
  [
    'brief.after-quiet',
    'risk',
    ['plan', set('/hours', { quiet: '2026-12-04T21:04:00Z' })],
    ['plan', set('/hours', { quiet: '2026-12-04T21:05:00Z' })],
  ],
  [
    // 7.3 min as usual, 5.8 at the least.
    'hands.long-strike',
    'risk',
    ['plan', set('/runningOrder/itemstrike/minutes', 5)],
    ['plan', set('/runningOrder/itemstrike/minutes', 6)],
  ],
];

holds(TABLE);
