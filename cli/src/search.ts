/** `satchel search`: any search on a file, and its best offer as a file of its own. */
import { applyFix, assess } from '@idle-satchel/core';
import type { Bundle } from '@idle-satchel/core/documents';
import { optionFaults, SEARCHES } from '@idle-satchel/core/search-commands';
import {
  gapOf,
  highsSolver,
  isProven,
  NoAnswer,
  OptionError,
  roster,
  rosterEventOf,
  type Found,
  type ProgrammeSolver,
  type RosterOptions,
} from '@idle-satchel/core/searches';
import highsOf from 'highs';
import { faultLines, readBundle, writeBundle } from './files.js';
import { Refusal } from './refusal.js';

/** How a search is asked: JSON text, files of further events, and where the event with the best offer is written. */
export interface AskedHow {
  readonly options?: string | undefined;
  readonly with?: readonly string[] | undefined;
  readonly apply?: string | undefined;
}

/** Runs a search by name. */
export async function search(
  name: string,
  path: string,
  { options = '{}', with: others = [], apply: applied }: AskedHow,
): Promise<string> {
  const command = Object.hasOwn(SEARCHES, name) ? SEARCHES[name] : undefined;
  if (!command) throw new Refusal(`“${name}” is no search; there are: ${Object.keys(SEARCHES).join(', ')}`);
  const own = parsed(options);
  const faults = optionFaults(command, own);
  if (faults.length > 0) throw new Refusal(`--options ${faultLines(faults)}`);
  const asked = others.length === 0 ? (own as object) : withEvents(name, own as RosterOptions, others);
  const bundle = readBundle(path);
  const found = await command
    .run(bundle, asked, { solve: highs(), now: () => performance.now() })
    .catch((error: unknown) => {
      if (error instanceof OptionError) throw new Refusal(`--options ${error.message}`);
      if (error instanceof NoAnswer) throw new Refusal(error.message);
      throw error;
    });
  if (applied !== undefined) applyBest(found, bundle, applied);
  return `${JSON.stringify(report(name, found), null, 2)}\n`;
}

/** What is asked, with the events of other files beside those that it has. */
function withEvents(name: string, asked: RosterOptions, paths: readonly string[]): RosterOptions {
  if (name !== roster.name) throw new Refusal(`--with is for ${roster.name} only`);
  const read = paths.map((path, i) => {
    const bundle = readBundle(path);
    const event = rosterEventOf(`with${String(i + 1).padStart(6, '0')}`, bundle, assess(bundle));
    if (!event) throw new Refusal(`${path}: it is not known when it begins and ends`);
    return event;
  });
  return { ...asked, events: [...(asked.events ?? []), ...read] };
}

function parsed(options: string): unknown {
  try {
    return JSON.parse(options);
  } catch {
    throw new Refusal(`--options must be JSON, such as '{"link":"camera1out"}'`);
  }
}

function applyBest({ offers: [best] }: Found<unknown>, bundle: Bundle, path: string): void {
  if (!best) throw new Refusal('nothing was found that could be applied');
  writeBundle(path, applyFix(bundle, best));
}

const report = (name: string, found: Found<unknown>): object => ({
  search: name,
  proven: isProven(found),
  objectives: found.objectives.map(each => ({ ...each, gap: gapOf(each) })),
  offers: found.offers.map(({ id, label }) => ({ id, label })),
  answer: found.answer,
});

/** HiGHS, loaded when a search first needs it. Its types say that the module is the function; on Node its default is. */
const highs = (): ProgrammeSolver =>
  highsSolver(
    () => (highsOf as unknown as typeof highsOf.default)(),
    () => performance.now(),
  );
