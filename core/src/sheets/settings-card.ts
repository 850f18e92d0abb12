/** The settings card: which file each thing is set up by, to load, to confirm, and to put into its spare. */
import type { Assessment } from '../assess.js';
import type { Device, Plan, SettingsFile } from '../documents/index.js';
import { inOrder } from '../foundations/index.js';
import { newestSettings } from '../stations/day/settings.js';
import type { Sheet } from './sheet.js';
import { sheetOf, words, type ColumnOf } from './table.js';

type Row = readonly [device: Device, file: SettingsFile];
const KB = 1024;

const COLUMNS: readonly ColumnOf<Row>[] = [
  words('Loaded', 8, () => '☐'),
  words('Confirmed', 10, () => '☐'),
  words('In the spare', 11, () => '☐'),
  words('Thing', 22, ([{ label }]) => label),
  words('Settings', 24, ([, { label }]) => label),
  words('Version', 9, ([, { version }]) => String(version), 'right'),
  words('File', 34, ([, { name }]) => name),
  words('Size', 12, ([, { bytes }]) => `${Math.ceil(bytes / KB)} kB`, 'right'),
];

export const settingsCard = (plan: Plan, assessment: Assessment): Sheet =>
  sheetOf(plan, assessment, {
    title: 'Settings card',
    columns: COLUMNS,
    sections: [
      {
        heading: '',
        rows: inOrder(plan.devices).flatMap(([, device]) =>
          newestSettings(device.settings).map((file): Row => [device, file]),
        ),
      },
    ],
    notes: [
      'Load it, look whether it is as it should be, then tick. No keys or passwords are printed or kept in it.',
    ],
  });
