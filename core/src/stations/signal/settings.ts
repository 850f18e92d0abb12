/** How each computer that gives a picture is set. */

import { inOrder, settingOf, type Figure, type Outcome, type VideoFormat } from '../../foundations/index.js';
import { computerSetting } from './figures.js';
import { givenBy, type LinkFormat } from './formats.js';
import { kindDoes } from './functions.js';
import type { PlanWiring } from './result.js';
import { isSource, portInUse } from './sources.js';

interface SettingReads {
  readonly wiring: PlanWiring;
  readonly house: VideoFormat;
  readonly formats: Readonly<Record<string, LinkFormat>>;
}

/** The setting of every computer that gives a picture: size, rate and scan. */
export const settingsOf = (reads: SettingReads): Readonly<Record<string, Figure>> =>
  Object.fromEntries(
    inOrder(reads.wiring.devices)
      .filter(([id]) => kindDoes(reads.wiring.kindOf(id), 'plays') && isSource(reads.wiring, id))
      .map(([id]) => [id, computerSetting.said([id], settingFor(id, reads))]),
  );

/**
 * The exact setting of a computer’s screen output, in the words of its menu: what it gives, or what the device that it
 * is plugged into works in where that does not take it.
 */
function settingFor(id: string, { wiring, house, formats }: SettingReads): Outcome {
  const port = portInUse(wiring, id);
  const [link, lead] = wiring.outOf(id).find(([key]) => formats[key]) ?? [];
  const refused = link !== undefined && formats[link]?.taken.value !== 'yes';
  const sink = refused ? wiring.devices[lead?.to.device ?? ''] : undefined;
  const gives = givenBy(wiring, id, port, house);
  if ('why' in gives) return gives;
  return sink
    ? {
        value: settingOf(sink.format ?? house),
        method: `what ${sink.label} works in, since it takes nothing else`,
      }
    : { ...gives, value: settingOf(gives.value) };
}
