/** The lines by which streams leave the place: that of the house, and those of modems on the mobile network. */
import type { Output, Rules, Venue } from '../../documents/index.js';
import { distance, given, inOrder, taken, type Figure, type Point } from '../../foundations/index.js';
import type { PlanWiring } from '../signal/index.js';
import { isModem } from '../signal/functions.js';
import { networkOf } from '../signal/network.js';
import * as figures from './figures.js';
import type { StreamResult } from './result.js';

/** A modem, by its device; `house` for a line of the venue. */
export type Line = { readonly of: 'house' } | { readonly of: 'mobile'; readonly modem: string };

/** Follows leads and air of the network from a device to the nearest line; one of the house before any modem. */
export function lineOf({
  wiring,
  device,
}: {
  readonly wiring: PlanWiring;
  readonly device: string;
}): Line | undefined {
  const { devices, house } = networkOf(wiring, device);
  if (house) return { of: 'house' };
  const modem = devices.find(id => isModem(wiring.kindOf(id)));
  return modem === undefined ? undefined : { of: 'mobile', modem };
}

/** Why nothing is known of a line of the house. */
export const UNMEASURED = 'no upload was measured here';

export interface OnLine {
  readonly output: Output;
  readonly line: Line | undefined;
  /** What its modem is called, and what it was seen to carry, where it goes over the mobile network. */
  readonly modem: string | undefined;
  readonly upload: Figure | undefined;
  readonly school: Rules['uploadHeadroom'];
}

/** What is known of the line of something that is sent, before anything goes over it. */
export interface LineOf {
  readonly line: Figure;
  readonly upload: Figure | undefined;
  readonly budget: Figure | undefined;
  /** No lead or air leads from its device to a line. */
  readonly unled: boolean;
}

export function lineKnown(id: string, { output, line, modem, upload, school }: OnLine): LineOf {
  if (!line) {
    const unled = output.device !== undefined;
    const why = unled ? 'no lead or air leads from it to a line' : 'no device is chosen for it';
    return { line: figures.streamLine.unknown([id], why), upload: undefined, budget: undefined, unled };
  }
  if (!upload)
    return {
      line: figures.streamLine.found([id], 'the line of the house'),
      upload: undefined,
      budget: undefined,
      unled: false,
    };
  const budget = figures.lineBudget.calc(
    [id],
    [given('school', school, '', 'rules', '/uploadHeadroom'), taken('worst', upload)],
  );
  const over = `the mobile network by ${modem ?? ''}`;
  return { line: figures.streamLine.found([id], over), upload, budget, unled: false };
}

/** The device that is the modem of a line; empty for a line of the house. */
export const modemOf = (line: Line | undefined): string => (line?.of === 'mobile' ? line.modem : '');

/**
 * For what is sent, everything else that is sent over the same line, in the order of the plan. Of what comes out of no
 * device yet, the line of the house is thought.
 */
export function onSameLine({
  sent,
  lines,
}: {
  readonly sent: readonly (readonly [id: string, output: Output])[];
  readonly lines: Readonly<Record<string, Line | undefined>>;
}): Readonly<Record<string, readonly string[]>> {
  const keyOf = (id: string, { device }: Output): string | undefined => {
    const line = lines[id];
    if (device !== undefined && line === undefined) return undefined;
    return modemOf(line);
  };
  const keyed = sent.map(([id, output]) => [id, keyOf(id, output)] as const);
  return Object.fromEntries(
    keyed.map(([id, key]) => [
      id,
      keyed.flatMap(([other, its]) => (other !== id && key !== undefined && its === key ? [other] : [])),
    ]),
  );
}

/** What goes over the line of the house, or comes out of no device yet. */
export const onHouseLine = (streams: StreamResult['streams']): string[] =>
  Object.entries(streams).flatMap(([id, { upload, unled }]) => (upload || unled ? [] : [id]));

/** So near to a modem a reading of the mobile network says something of it, m. */
const HERE = 15;

/** What the mobile network carried where a modem stands: the worst reading of the best operator there is not told apart. */
export function mobileUpload(
  id: string,
  {
    at,
    label,
    readings,
  }: {
    readonly at: Point | undefined;
    readonly label: string;
    readonly readings: Venue['mobileReadings'];
  },
): Figure {
  const near = inOrder(readings).filter(
    ([, reading]) => at !== undefined && distance(reading.at, at) <= HERE,
  );
  const terms = near.map(([reading, { up }]) =>
    given('test', up, 'Mb/s', 'venue', `/mobileReadings/${reading}/up`),
  );
  return terms.length === 0
    ? figures.lineUpload.unknown([id], `the mobile network was not measured where ${label} stands`)
    : figures.lineUpload.calc([id], terms);
}
