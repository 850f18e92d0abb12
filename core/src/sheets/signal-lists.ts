/** The input list, the patch list and the format card: what is plugged in where, and how everything is set. */
import type { Assessment } from '../assess.js';
import type { End, Link, Plan, Port } from '../documents/index.js';
import { inOrder, settingOf } from '../foundations/index.js';
import { cable, runLength } from '../stations/runs/figures.js';
import { linkFormat } from '../stations/signal/figures.js';
import { sourcesBehind } from '../stations/signal/sources.js';
import { busOf } from '../stations/signal/switching.js';
import type { Sheet } from './sheet.js';
import { figures, sheetOf, words, type ColumnOf } from './table.js';

/** Families whose inputs are listed. */
const LISTED: ReadonlySet<string> = new Set(['switcher', 'matrix', 'encoder', 'recorder', 'audio desk']);

interface Input {
  readonly port: Port;
  readonly shows: string;
  readonly comesFrom: string;
  readonly link: string | undefined;
}

const linkIds = ({ link }: { link: string | undefined }): [string] | undefined =>
  link === undefined ? undefined : [link];

const inputColumns = ({ runs }: Assessment): readonly ColumnOf<Input>[] => [
  words('Input', 16, ({ port }) => port.label),
  words('Shows or sounds', 26, ({ shows }) => shows),
  words('Comes from', 28, ({ comesFrom }) => comesFrom),
  words('Socket', 12, ({ port }) => port.connector),
  figures(linkFormat, 12, linkIds),
  words('Tape', 8, ({ link }) => runs.runs[link ?? '']?.number),
];

/** What comes into every input of switchers, recorders, encoders and sound desks, the free ones too. */
export function inputList(plan: Plan, assessment: Assessment): Sheet {
  const { wiring } = assessment.signal;
  const name = (id: string | undefined): string => plan.devices?.[id ?? '']?.label ?? '';
  /** The programme of a switcher, or the sources by whatever is between. */
  const shownBy = (lead: Link): string => {
    const { device = '', port = '' } = lead.from;
    const bus = busOf(wiring, device, port);
    return bus !== undefined && bus !== 'aux'
      ? `${bus} of ${name(device)}`
      : [...sourcesBehind(wiring, lead)].map(name).join(', ');
  };
  const inputOf = (id: string, at: string, port: Port): Input => {
    const [link, lead] = wiring.into(id).find(([, { to }]) => to.port === at) ?? [];
    const shows = lead && port.carries === 'video' ? shownBy(lead) : '';
    return {
      port,
      shows: shows || name(lead?.from.device) || 'free',
      comesFrom: lead ? `${name(lead.from.device)} · ${wiring.portOf(lead.from)?.label ?? ''}` : '',
      link,
    };
  };
  return sheetOf(plan, assessment, {
    title: 'Input list',
    columns: inputColumns(assessment),
    sections: inOrder(plan.devices).flatMap(([id, { label }]) => {
      const kind = wiring.kindOf(id);
      if (!kind || !LISTED.has(kind.family)) return [];
      const rows = inOrder(kind.ports)
        .filter(
          ([, { carries, direction }]) => direction === 'in' && (carries === 'video' || carries === 'audio'),
        )
        .map(([at, port]) => inputOf(id, at, port));
      return rows.length > 0 ? [{ heading: label, rows }] : [];
    }),
    notes: ['An input that is free may take what comes late; say so to whoever mixes.'],
  });
}

interface Lead {
  readonly link: string;
  readonly from: End;
  readonly to: End;
}

const patchColumns = (plan: Plan, { signal, runs, ground }: Assessment): readonly ColumnOf<Lead>[] => {
  const name = (end: End): string =>
    end.device === undefined
      ? (ground.venue.networkSockets?.[end.networkSocket ?? '']?.label ?? 'the venue')
      : `${plan.devices?.[end.device]?.label ?? '?'} · ${signal.wiring.portOf(end)?.label ?? '?'}`;
  return [
    words('Label', 7, ({ link }) => runs.runs[link]?.number ?? '–'),
    words('From', 30, ({ from }) => name(from)),
    words('To', 30, ({ to }) => name(to)),
    words('Plug', 12, ({ to }) => signal.wiring.portOf(to)?.connector),
    figures(runLength, 10, linkIds),
    figures(cable, 11, linkIds),
  ];
};

/** Every lead of signals: from, to, plug, length and label, the long ones first as they are laid. */
export function patchList(plan: Plan, assessment: Assessment): Sheet {
  const { signal, runs } = assessment;
  const leads = inOrder(plan.links)
    .filter(
      ([, { from, to }]) => (signal.wiring.portOf(to) ?? signal.wiring.portOf(from))?.carries !== 'power',
    )
    .map(([link, { from, to }]): Lead => ({ link, from, to }));
  const crosses = ({ link }: Lead): boolean => runs.runs[link]?.crosses ?? false;
  return sheetOf(plan, assessment, {
    title: 'Patch list',
    columns: patchColumns(plan, assessment),
    sections: [
      { heading: 'Across the floor', rows: leads.filter(crosses) },
      { heading: 'In racks and on tables', rows: leads.filter(lead => !crosses(lead)) },
    ],
    notes: ['Label both ends. Plug in what is marked with P before the case leaves home.'],
  });
}

interface Setting {
  readonly device: string;
  readonly format: string;
  readonly inItsMenu: string;
  readonly also: string;
}

const FORMAT_COLUMNS: readonly ColumnOf<Setting>[] = [
  words('Device', 22, ({ device }) => device),
  words('Format', 14, ({ format }) => format),
  words('In its menu', 40, ({ inItsMenu }) => inItsMenu),
  words('Also', 24, ({ also }) => also),
];

/** How every device is set: its size and rate in the words of its menu, and what each output of a switcher gives. */
export function formatCard(plan: Plan, assessment: Assessment): Sheet {
  const { signal, rules } = assessment;
  const { wiring } = signal;
  const given = (id: string): string => {
    const [link] = wiring.outOf(id).find(([key]) => signal.formats[key]) ?? [];
    return link === undefined ? rules.format : String(signal.formats[link]?.format.value ?? '');
  };
  const settingsOf = (families: readonly string[], also: (id: string) => string): Setting[] =>
    inOrder(plan.devices)
      .filter(([id]) => families.includes(wiring.kindOf(id)?.family ?? ''))
      .map(([id, { label, format: own }]) => {
        const setting = signal.settings[id]?.value;
        const format = own ?? given(id);
        const inItsMenu = typeof setting === 'string' ? setting : settingOf(format || rules.format);
        return { device: label, format, inItsMenu, also: also(id) };
      });
  const outputsOf = ([id, { label }]: readonly [string, { label: string }]): Setting[] =>
    inOrder(wiring.kindOf(id)?.ports).flatMap(([port, of]) =>
      of.gives
        ? [
            {
              device: label,
              format: '',
              inItsMenu: `${of.label} gives: ${busOf(wiring, id, port) ?? ''}`,
              also: '',
            },
          ]
        : [],
    );
  return sheetOf(plan, assessment, {
    title: 'Format card',
    columns: FORMAT_COLUMNS,
    sections: [
      {
        heading: 'Cameras',
        rows: settingsOf(['camera'], id =>
          signal.sources[id]?.picture.value === 'clean' ? '' : 'menus off its output',
        ),
      },
      { heading: 'Computers', rows: settingsOf(['computer'], () => 'same picture on both screens off') },
      { heading: 'Switchers and converters', rows: settingsOf(['switcher', 'converter'], () => '') },
      {
        heading: 'Outputs of switchers',
        rows: inOrder(plan.devices)
          .filter(([id]) => wiring.kindOf(id)?.family === 'switcher')
          .flatMap(outputsOf),
      },
    ].filter(({ rows }) => rows.length > 0),
    notes: [`The event works at ${rules.format}: ${settingOf(rules.format)}.`],
  });
}
