/** What Signal reads and what comes of it. */
import type { Kind, Kinds, Link, Output, Rules, RunningItem, Shelf, Shot } from '../../documents/index.js';
import { rulesOf, type Figure, type MapOf, type Wiring } from '../../foundations/index.js';
import type { Equipment } from '../equipment.js';
import type { Seen } from '../station.js';
import type { AssemblyVersions } from './assemblies.js';
import type { CameraLines } from './camera-lines.js';
import type { Counts } from './resources.js';
import type { FedOutput } from './fed-by.js';
import type { LinkFormat } from './formats.js';
import type { OwnedLeads } from './lead-ends.js';
import type { OutputSync } from './latency.js';
import type { Loop } from './loops.js';
import type { PortFit } from './port-fit.js';
import type { OutputSound } from './sound.js';
import type { Source } from './sources.js';
import type { View } from './views.js';

export interface SignalReads {
  readonly devices: MapOf<Equipment> | undefined;
  readonly links: MapOf<Link> | undefined;
  readonly outputs: MapOf<Output> | undefined;
  readonly kinds: Kinds;
  readonly shelf: Shelf;
  readonly rules: Rules;
  readonly shots: MapOf<Shot> | undefined;
  readonly runningOrder: MapOf<RunningItem> | undefined;
  /** Cameras within reach of whoever mixes. */
  readonly besideMixer: readonly string[];
}

export type PlanWiring = Wiring<Equipment, Kind, Link>;

export interface SignalResult {
  readonly wiring: PlanWiring;
  /** Leads of the house with unlike ends. */
  readonly leads: OwnedLeads;
  /** Whether both ends of a link fit, and face each other. */
  readonly links: Readonly<Record<string, PortFit>>;
  readonly sources: Readonly<Record<string, Source>>;
  /** Whatever can run out, by device. */
  readonly countables: Readonly<Record<string, Counts>>;
  /** What runs through each video link, and whether it is taken at its end. */
  readonly formats: Readonly<Record<string, LinkFormat>>;
  /** How each computer that gives a picture is set: size, rate and scan. */
  readonly settings: Readonly<Record<string, Figure>>;
  readonly loops: Readonly<Record<string, Loop>>;
  /** From where each output but screens has its sound. */
  readonly sound: Readonly<Record<string, OutputSound>>;
  /** How late pictures and sound come to each output but screens, and the delay that brings them together. */
  readonly latency: Readonly<Record<string, OutputSync>>;
  readonly screens: Readonly<Record<string, { readonly late: Figure }>>;
  /** What feeds each wanted output, and as what. */
  readonly outputs: Readonly<Record<string, FedOutput>>;
  /** What everybody who takes part must see. */
  readonly views: Readonly<Record<string, View>>;
  /** What leads to each camera besides its picture. */
  readonly cameras: Readonly<Record<string, CameraLines>>;
  /** By what each switcher in use is worked that has no buttons of its own. */
  readonly switchers: Readonly<Record<string, Figure>>;
  readonly assemblies: Readonly<Record<string, AssemblyVersions>>;
  /** Leads that arrive plugged, each with the case that they arrive in. */
  readonly plugged: Readonly<Record<string, string>>;
}

export type SignalSeen = Seen<SignalReads, SignalResult>;

export const signalRule = rulesOf<SignalSeen>('signal');
