/** The input list, the patch list and the format card: what is plugged in where, and how everything is set. */
import type { Assessment } from '../assess.js';
import type { End, Link, Plan } from '../documents/index.js';
import { inOrder, settingOf, showText } from '../foundations/index.js';
import { readingOf } from '../review.js';
import { sourcesBehind } from '../stations/signal/sources.js';
import { busOf } from '../stations/signal/switching.js';
import { aboutEvent } from './about.js';
import type { Sheet } from './sheet.js';

/** Families whose inputs are listed. */
const LISTED: ReadonlySet<string> = new Set(['switcher', 'matrix', 'encoder', 'recorder', 'audio desk']);

const formatOf = ({ signal }: Assessment, link: string): string =>
  String(signal.formats[link]?.format.value ?? '');

/** What comes into every input of switchers, recorders, encoders and sound desks, the free ones too. */
export function inputList(plan: Plan, assessment: Assessment): Sheet {
  const { wiring } = assessment.signal;
  const { runs } = assessment.runs;
  const name = (id: string | undefined): string => plan.devices?.[id ?? '']?.label ?? '';
  /** The programme of a switcher, or the sources by whatever is between. */
  const shownBy = (lead: Link): string => {
    const { device = '', port = '' } = lead.from;
    const bus = busOf(wiring, device, port);
    return bus !== undefined && bus !== 'aux'
      ? `${bus} of ${name(device)}`
      : [...sourcesBehind(wiring, lead)].map(name).join(', ');
  };
  const sections = inOrder(plan.devices).flatMap(([id, { label }]) => {
    const kind = wiring.kindOf(id);
    if (!kind || !LISTED.has(kind.family)) return [];
    const inputs = inOrder(kind.ports).filter(
      ([, { carries, direction }]) => direction === 'in' && (carries === 'video' || carries === 'audio'),
    );
    const rows = inputs.map(([port, of]): string[] => {
      const [link, lead] = wiring.into(id).find(([, { to }]) => to.port === port) ?? [];
      const shows = lead && of.carries === 'video' ? shownBy(lead) : '';
      return [
        of.label,
        shows || name(lead?.from.device) || 'free',
        lead ? `${name(lead.from.device)} · ${wiring.portOf(lead.from)?.label ?? ''}` : '',
        of.connector,
        link === undefined ? '' : formatOf(assessment, link),
        link === undefined ? '' : (runs[link]?.number ?? ''),
      ];
    });
    return rows.length > 0 ? [{ heading: label, rows }] : [];
  });
  return {
    title: 'Input list',
    about: aboutEvent(plan, assessment),
    columns: [
      { label: 'Input', width: 16 },
      { label: 'Shows or sounds', width: 26 },
      { label: 'Comes from', width: 28 },
      { label: 'Socket', width: 12 },
      { label: 'Format', width: 12 },
      { label: 'Tape', width: 8 },
    ],
    sections,
    notes: ['An input that is free may take what comes late; say so to whoever mixes.'],
  };
}

/** Every lead of signals: from, to, plug, length and label, the long ones first as they are laid. */
export function patchList(plan: Plan, assessment: Assessment): Sheet {
  const { signal, runs } = assessment;
  const reading = readingOf(plan, assessment.rules);
  const name = (end: End): string =>
    end.device === undefined
      ? (assessment.ground.venue.networkSockets?.[end.networkSocket ?? '']?.label ?? 'the venue')
      : `${plan.devices?.[end.device]?.label ?? '?'} · ${signal.wiring.portOf(end)?.label ?? '?'}`;
  const leads = inOrder(plan.links).filter(
    ([, link]) => (signal.wiring.portOf(link.to) ?? signal.wiring.portOf(link.from))?.carries !== 'power',
  );
  const rowsOf = (crosses: boolean): string[][] =>
    leads
      .filter(([id]) => (runs.runs[id]?.crosses ?? false) === crosses)
      .map(([id, link]) => {
        const run = runs.runs[id];
        const length = run?.length;
        return [
          runs.runs[id]?.number ?? '–',
          name(link.from),
          name(link.to),
          signal.wiring.portOf(link.to)?.connector ?? '',
          length?.value === undefined || length.value === null
            ? ''
            : showText(length.value, length.unit, reading),
          typeof run?.cable.value === 'string' ? run.cable.value : '',
        ];
      });
  return {
    title: 'Patch list',
    about: aboutEvent(plan, assessment),
    columns: [
      { label: 'Label', width: 7 },
      { label: 'From', width: 30 },
      { label: 'To', width: 30 },
      { label: 'Plug', width: 12 },
      { label: 'Length', width: 10, align: 'right' },
      { label: 'Cable', width: 11 },
    ],
    sections: [
      { heading: 'Across the floor', rows: rowsOf(true) },
      { heading: 'In racks and on tables', rows: rowsOf(false) },
    ],
    notes: ['Label both ends. Plug in what is marked with P before the case leaves home.'],
  };
}

/** How every device is set: its size and rate in the words of its menu, and what each output of a switcher gives. */
export function formatCard(plan: Plan, assessment: Assessment): Sheet {
  const { signal, rules } = assessment;
  const { wiring } = signal;
  const devices = inOrder(plan.devices);
  const own = (family: (name: string) => boolean) =>
    devices.filter(([id]) => family(wiring.kindOf(id)?.family ?? ''));
  const given = (id: string): string => {
    const [link] = wiring.outOf(id).find(([key]) => signal.formats[key]) ?? [];
    return link === undefined ? rules.format : formatOf(assessment, link);
  };
  const set = (id: string): string[] => {
    const setting = signal.settings[id]?.value;
    const format = plan.devices?.[id]?.format ?? given(id);
    return [format, typeof setting === 'string' ? setting : settingOf(format || rules.format)];
  };
  const row = ([id, { label }]: (typeof devices)[number], note = ''): string[] => [label, ...set(id), note];
  return {
    title: 'Format card',
    about: aboutEvent(plan, assessment),
    columns: [
      { label: 'Device', width: 22 },
      { label: 'Format', width: 14 },
      { label: 'In its menu', width: 40 },
      { label: 'Also', width: 24 },
    ],
    sections: [
      {
        heading: 'Cameras',
        rows: own(name => name === 'camera').map(each =>
          row(each, signal.sources[each[0]]?.picture.value === 'clean' ? '' : 'menus off its output'),
        ),
      },
      {
        heading: 'Computers',
        rows: own(name => name === 'computer').map(each => row(each, 'same picture on both screens off')),
      },
      {
        heading: 'Switchers and converters',
        rows: own(name => name === 'switcher' || name === 'converter').map(each => row(each)),
      },
      {
        heading: 'Outputs of switchers',
        rows: own(name => name === 'switcher').flatMap(([id, { label }]) =>
          inOrder(wiring.kindOf(id)?.ports).flatMap(([port, of]) =>
            of.gives ? [[label, '', `${of.label} gives: ${busOf(wiring, id, port) ?? ''}`, '']] : [],
          ),
        ),
      },
    ].filter(({ rows }) => rows.length > 0),
    notes: [`The event works at ${rules.format}: ${settingOf(rules.format)}.`],
  };
}
