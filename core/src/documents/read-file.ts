/** Reading a `.satchel.json` text: every fault is told, nothing throws. */
import { BUNDLE_FORMAT, BundleFile, type Bundle } from './bundle.js';
import { upgradeBundle } from './upgrades/index.js';
import { faultsOf, type Fault } from './validate.js';
import { handsWithoutContacts, planWithoutNames, shelfWithoutNames } from './without-names.js';

export type Read =
  { readonly bundle: Bundle; readonly faults: readonly [] } | { readonly faults: readonly Fault[] };

/** The value that a text is as JSON, whatever its first mark; what is none is told. */
export function parsedJson(text: string): { readonly json: unknown } | { readonly faults: readonly [Fault] } {
  try {
    return { json: JSON.parse(text.replace(/^\uFEFF/, '')) as unknown };
  } catch (error) {
    return { faults: [{ path: '', reason: `is not JSON: ${error instanceof Error ? error.message : ''}` }] };
  }
}

/** Parses, upgrades and validates a bundle file of any known version. */
export function readBundleFile(text: string): Read {
  const parsed = parsedJson(text);
  if ('faults' in parsed) return parsed;
  const upgraded = upgradeBundle(parsed.json);
  if ('faults' in upgraded) return upgraded;
  const faults = faultsOf(BundleFile, upgraded.file);
  if (faults.length > 0) return { faults };
  const { format: _format, version: _version, ...bundle } = upgraded.file as BundleFile;
  return { bundle, faults: [] };
}

/** A bundle as the text of a `.satchel.json` file; people's names only when asked for, how they are reached never. */
export function writeBundleFile(bundle: Bundle, withNames = false): string {
  const told = withNames
    ? { ...bundle, hands: handsWithoutContacts(bundle.hands) }
    : {
        ...bundle,
        plan: planWithoutNames(bundle.plan),
        hands: { people: {} },
        shelf: shelfWithoutNames(bundle.shelf),
      };
  return `${JSON.stringify({ format: BUNDLE_FORMAT, version: 1, ...told }, null, 2)}\n`;
}
