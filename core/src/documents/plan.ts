import { Device } from './device.js';
import type { MapOf as Map, Point } from '../foundations/index.js';
import { FREE_VALUE_LIMIT } from '../foundations/json-size.js';
import { ANSWERS, type AnswerHow } from '../foundations/crew-words.js';
import { RUNGS, type Rung } from '../foundations/rungs.js';
import {
  AnyJson,
  At,
  Flag,
  Int,
  Many,
  MapOf,
  Num,
  One,
  OneOf,
  Optional,
  Pointer,
  Ref,
  Refs,
  Text,
  Words,
} from './decorators.js';
import { Instant, TimeZone } from './time-decorators.js';
import { IMPORTANCES, SHOT_SIZES, type Importance, type ShotSize } from './shot-words.js';
import {
  CABLE_MAKES,
  LAYOUTS,
  OUTPUT_KINDS,
  PROGRAMMES,
  VIEWERS,
  type CableMake,
  type Layout,
  type OutputKind,
  type Programme,
  type Viewer,
} from './signal-words.js';
import { BatteryChange, ChargeReading } from './plan-batteries.js';
import { ItemAsks } from './item-asks.js';
import { Occasion } from './occasion.js';
import { PlanHours } from './plan-hours.js';
import { PlanMoney } from './plan-money.js';
import { Break, CrewSchedule } from './plan-schedule.js';
import { WorkDone } from './work-parts.js';
import { Quote } from './plan-quote.js';
import { ExtraLine, PackedLine, PrintedList } from './plan-packing.js';
import { FedTogether } from './fed-together.js';
import { Proof } from './proof.js';
import { RuleChoices } from './rules.js';

/** The venue as it stood when this event took it over. */
export class VenuePin {
  @Ref() id!: string;
  @Int(1, 1e9) revision!: number;
}

/** One difference between the venue and the venue for this event; no value means removed. */
export class VenueChange {
  @Pointer() path!: string;
  @Optional() @AnyJson(FREE_VALUE_LIMIT) value?: unknown;
}

/** Something that must come out. */
export class Output {
  @Text(8) order!: string;
  @Text(60, 1) label!: string;
  @OneOf(OUTPUT_KINDS) kind!: OutputKind;
  /** The device it comes out of: encoder, recorder, screen, or the computer of a call. */
  @Optional() @Ref() device?: string;
  /** Size and rate chosen for a stream or call; absent = the best that fits. */
  @Optional() @OneOf(RUNGS) rung?: Rung;
  /** Also record these many cameras separately. */
  @Optional() @Int(0, 16) isolated?: number;
  /** Which programme it is; absent = the first. */
  @Optional() @OneOf(PROGRAMMES) programme?: Programme;
  /** The recording that it is a backup of. */
  @Optional() @Ref() backs?: string;
  /** Who a screen is for; absent = everybody in the room. */
  @Optional() @OneOf(VIEWERS) viewer?: Viewer;
}

export const PHASES = ['rig', 'check', 'rehearse', 'wait', 'live', 'strike'] as const;
export type Phase = (typeof PHASES)[number];

/** One line of the running order. */
export class RunningItem {
  @Text(8) order!: string;
  @Text(80, 1) label!: string;
  @OneOf(PHASES) phase!: Phase;
  @Num(0, 1440) minutes!: number;
  @Optional() @Ref() mark?: string;
  /** Layouts and graphics that it needs, all at once. */
  @Optional() @Words(LAYOUTS) layouts?: Layout[];
  @Optional() @One(() => ItemAsks) asks?: ItemAsks;
}

export class Shot {
  @Text(8) order!: string;
  @Ref() mark!: string;
  @OneOf(SHOT_SIZES) size!: ShotSize;
  @Optional() @Ref() camera?: string;
  /** Absent = wanted. */
  @Optional() @OneOf(IMPORTANCES) importance?: Importance;
  /** Items of the running order it is wanted in; absent = at a time of its own. */
  @Optional() @Refs(100) items?: string[];
  /** People seated in a panel. */
  @Optional() @Int(1, 40) people?: number;
  /** It is a window cut from the picture of its camera, which is framed for another shot. */
  @Optional() @Flag() window?: boolean;
}

/** One end of a link: a port of a device, or a socket of the venue. */
export class End {
  @Optional() @Ref() device?: string;
  @Optional() @Ref() port?: string;
  @Optional() @Ref() socket?: string;
  @Optional() @Ref() networkSocket?: string;
}

/** A place that a lead is led through, on the ground or on a gallery. */
export class Waypoint {
  @At() at!: Point;
  @Optional() @Ref() level?: string;
}

/** How a lead is laid, where somebody has said so. */
export class Way {
  /** Places it is led through, from its first end on. */
  @Optional() @Many(() => Waypoint, 12) pins?: Waypoint[];
  /** Aisles, doors and blocks of seats that it keeps away from. */
  @Optional() @Refs(50) avoid?: string[];
  /** It may hang from points in the ceiling. */
  @Optional() @Flag() ceiling?: boolean;
}

export class Link {
  @One(() => End) from!: End;
  @One(() => End) to!: End;
  /** Make of cable to use instead of the usual one for these connectors. */
  @Optional() @OneOf(CABLE_MAKES) make?: CableMake;
  @Optional() @One(() => Way) way?: Way;
  /** Items of the shelf that it is made of, joined in this order, where somebody has accepted them. */
  @Optional() @Refs(6) cables?: string[];
  /** Its cables are on the floor already, and stay. */
  @Optional() @Flag() laid?: boolean;
  /** Length as measured on site, m; takes the place of what was planned. */
  @Optional() @Num(0.1, 20000) measured?: number;
  @Optional() @One(() => Proof) proof?: Proof;
  /** It is meant to lead back: a second row of a switcher, or a smaller switcher before a large one. */
  @Optional() @Flag() back?: boolean;
}

/** Labels of a lead as they were printed. */
export class PrintedLabel {
  /** The number of its lead, which stays on it. */
  @Text(8, 1) number!: string;
  @Text(300) words!: string;
  @Instant() at!: string;
}

/** That somebody was asked for a role, and what they said. */
export class Answer {
  @OneOf(ANSWERS) how!: AnswerHow;
  @Instant() at!: string;
}

/** A person put on a role that the design asks for. */
export class Assignment {
  /** Key of the role: its name, and its device where it has one. */
  @Text(60, 1) role!: string;
  @Ref() person!: string;
  /** Absent = they were not asked. */
  @Optional() @One(() => Answer) answer?: Answer;
}

export class Tick {
  /** Id of the check it answers. */
  @Text(120, 1) check!: string;
  @Text(80, 1) by!: string;
  @Instant() at!: string;
  /** Reading, where the check asks for one. */
  @Optional() @Num(-1e6, 1e6) value?: number;
}

/** A figure as it was shown when somebody signed. */
export class ShownFigure {
  @Text(200, 1) path!: string;
  @Text(200) shown!: string;
}

export class Acceptance {
  @Text(200, 1) snag!: string;
  @Text(80, 1) by!: string;
  @Text(300, 1) reason!: string;
  @Instant() at!: string;
  @Many(() => ShownFigure) figures!: ShownFigure[];
}

export class Buckle {
  @Text(80, 1) by!: string;
  @Instant() at!: string;
  @Many(() => ShownFigure, 20000) figures!: ShownFigure[];
  @Many(() => ShownFigure) snags!: ShownFigure[];
}

/** Stations signed off. */
export class Buckles {
  @Optional() @One(() => Buckle) brief?: Buckle;
  @Optional() @One(() => Buckle) ground?: Buckle;
  @Optional() @One(() => Buckle) shots?: Buckle;
  @Optional() @One(() => Buckle) signal?: Buckle;
  @Optional() @One(() => Buckle) stream?: Buckle;
  @Optional() @One(() => Buckle) runs?: Buckle;
  @Optional() @One(() => Buckle) power?: Buckle;
  @Optional() @One(() => Buckle) racks?: Buckle;
  @Optional() @One(() => Buckle) pack?: Buckle;
  @Optional() @One(() => Buckle) hands?: Buckle;
  @Optional() @One(() => Buckle) day?: Buckle;
}

/** How cold or warm the air is where the gear stands. */
export class AirTemperature {
  @Text(8) order!: string;
  @Instant() at!: string;
  @Num(-50, 60) celsius!: number;
}

/** The plan of one event. */
export class Plan {
  @OneOf([1]) version!: 1;
  @Text(80, 1) label!: string;
  /** The instant it must be live. */
  @Instant() start!: string;
  /** IANA time zone of the place. */
  @TimeZone() zone!: string;
  @Optional() @One(() => PlanHours) hours?: PlanHours;
  @One(() => VenuePin) venue!: VenuePin;
  @Optional() @MapOf(() => VenueChange) venueChanges?: Map<VenueChange>;
  /** The event that this is another way of doing: it takes nothing from the shelf while it is one. */
  @Optional() @Ref() parent?: string;
  @Optional() @One(() => RuleChoices) rules?: RuleChoices;
  @Optional() @MapOf(() => Output, 40) outputs?: Map<Output>;
  @Optional() @MapOf(() => RunningItem, 500) runningOrder?: Map<RunningItem>;
  /** Temperature of the air along the day; absent = as in a heated room. */
  @Optional() @MapOf(() => AirTemperature, 100) temperatures?: Map<AirTemperature>;
  @Optional() @MapOf(() => Shot, 500) shots?: Map<Shot>;
  @Optional() @MapOf(() => Device, 3000) devices?: Map<Device>;
  @Optional() @MapOf(() => Link, 6000) links?: Map<Link>;
  /** Labels that were printed, by link. */
  @Optional() @MapOf(() => PrintedLabel, 6000) printed?: Map<PrintedLabel>;
  /** Batteries that are put in the place of others during the event, and what they showed. */
  @Optional() @MapOf(() => BatteryChange, 300) batteryChanges?: Map<BatteryChange>;
  @Optional() @MapOf(() => ChargeReading, 2000) chargeReadings?: Map<ChargeReading>;
  /** Where lines of the checklist travel. */
  @Optional() @MapOf(() => PackedLine, 3000) packed?: Map<PackedLine>;
  /** Lines of the checklist that people have added. */
  @Optional() @MapOf(() => ExtraLine, 500) extras?: Map<ExtraLine>;
  @Optional() @One(() => PrintedList) printedList?: PrintedList;
  /** Which devices are to hang on one circuit, and which on two. */
  @Optional() @MapOf(() => FedTogether, 500) fedTogether?: Map<FedTogether>;
  @Optional() @MapOf(() => Assignment, 200) assignments?: Map<Assignment>;
  /** The work before the rehearsal: in which order, and who does what. */
  @Optional() @One(() => CrewSchedule) schedule?: CrewSchedule;
  @Optional() @MapOf(() => Break, 10) breaks?: Map<Break>;
  /** Work of the day as it went. */
  @Optional() @MapOf(() => WorkDone, 2000) workLog?: Map<WorkDone>;
  @Optional() @MapOf(() => Tick) ticks?: Map<Tick>;
  @Optional() @MapOf(() => Acceptance) accepted?: Map<Acceptance>;
  @Optional() @One(() => Buckles) buckles?: Buckles;
  /** The occasion that it is part of: its events hand things on to each other. */
  @Optional() @One(() => Occasion) occasion?: Occasion;
  @Optional() @One(() => PlanMoney) money?: PlanMoney;
  /** What the client is offered. */
  @Optional() @One(() => Quote) quote?: Quote;
}
