/** What things do, whatever family they are listed under. */
import type {
  Device,
  Family,
  Function as Does,
  Kind,
  Output,
  OutputKind,
  Task,
} from '../../documents/index.js';

/** What a family does by its nature. */
const BY_FAMILY: Readonly<Partial<Record<Family, readonly Does[]>>> = {
  camera: ['sees'],
  computer: ['plays'],
  switcher: ['switches'],
  encoder: ['encodes'],
  recorder: ['records pictures'],
  screen: ['shows'],
  'audio desk': ['mixes sound'],
  control: ['controls'],
};

/** What a family is there for; undefined where that is no function of this list. */
export const mainOf = (family: Family): Does | undefined => BY_FAMILY[family]?.[0];

/** What a computer does besides while it is set to a task. */
const BY_TASK: Readonly<Partial<Record<Task, Does>>> = {
  mix: 'switches',
  encode: 'encodes',
  control: 'controls',
};

/** Tasks for which a computer gives no picture of its own. */
const UNSEEN: ReadonlySet<Task> = new Set(['encode', 'control', 'attendee', 'mix']);

/** Whether a kind of thing has a function: by its family, by what it has inside, or as it is said. */
export function kindDoes(kind: Kind | undefined, does: Does): boolean {
  if (!kind) return false;
  if (kind.does?.includes(does) || BY_FAMILY[kind.family]?.includes(does)) return true;
  switch (does) {
    case 'sees':
      return kind.optics !== undefined;
    case 'switches':
      return kind.inside !== undefined;
    case 'encodes':
      return kind.encodes === true;
    case 'records pictures':
      return kind.recording !== undefined;
    case 'mixes sound':
      return (kind.inside?.channels ?? 0) > 0;
    default:
      return false;
  }
}

interface Things {
  readonly devices: Readonly<Record<string, Pick<Device, 'tasks'>>>;
  readonly kindOf: (device: string | undefined) => Kind | undefined;
}

/** Whether a device has a function: its kind has, or a task makes it. */
export const deviceDoes = ({ devices, kindOf }: Things, id: string | undefined, does: Does): boolean =>
  kindDoes(kindOf(id), does) || (devices[id ?? '']?.tasks?.some(task => BY_TASK[task] === does) ?? false);

/**
 * Whether a mix can be worked from a device: whatever controls more than cameras, and any computer, since what it is
 * set to besides says nothing of it.
 */
export const worksMixes = (things: Things, id: string): boolean =>
  things.kindOf(id)?.family === 'computer' ||
  (deviceDoes(things, id, 'controls') && !kindDoes(things.kindOf(id), 'controls cameras alone'));

/** Whether an output can come out of a device. */
export function outputSuits(things: Things, kind: OutputKind, id: string): boolean {
  switch (kind) {
    case 'stream':
      return deviceDoes(things, id, 'encodes');
    case 'recording':
      return kindDoes(things.kindOf(id), 'records pictures') || kindDoes(things.kindOf(id), 'records sound');
    case 'screen':
      return kindDoes(things.kindOf(id), 'shows');
    case 'call':
      return things.devices[id]?.tasks?.includes('call') ?? false;
  }
}

/** Whether a thing is a modem of the mobile network, and so a line by itself. */
export const isModem = (kind: Kind | undefined): boolean =>
  Object.values(kind?.ports ?? {}).some(({ mobile }) => mobile === true);

/** Whether an output leaves the place over a line. */
export const isSent = ({ kind }: Pick<Output, 'kind'>): boolean => kind === 'stream' || kind === 'call';

/** Whether a thing cuts several pictures out of one, and so is no way to hand that one on. */
export const cutsWindows = ({ family, ports }: Kind): boolean =>
  family === 'converter' &&
  Object.values(ports ?? {}).filter(({ carries, direction }) => carries === 'video' && direction === 'out')
    .length > 1;

export const switches = (things: Things, id: string | undefined): boolean =>
  deviceDoes(things, id, 'switches');

/** Whether a device sends or records the picture that it makes: a camera that is its own encoder. */
export const isItsOwn = (things: Things, { kind, device }: Pick<Output, 'kind' | 'device'>): boolean =>
  kind !== 'screen' &&
  kindDoes(things.kindOf(device), 'sees') &&
  deviceDoes(things, device, kind === 'recording' ? 'records pictures' : 'encodes');

/** Whether a device is a computer that shows something: not one that only encodes, controls, attends or mixes. */
export function showsWords({ devices, kindOf }: Things, id: string): boolean {
  const tasks = devices[id]?.tasks ?? [];
  return kindOf(id)?.family === 'computer' && (tasks.length === 0 || tasks.some(task => !UNSEEN.has(task)));
}
