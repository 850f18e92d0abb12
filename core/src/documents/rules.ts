import { Attention } from './attention.js';
import { CrewRules } from './crew-rules.js';
import { Int, Num, One, OneOf, Optional, Text } from './decorators.js';
import { Paces, type LearnedPaces } from './work-parts.js';
import { CURRENCIES, type Currency } from './money.js';
import { CABLE_MAKES, type CableMake } from './signal-words.js';
import { MoneyRules } from './prices.js';
import { DATE_LOCALES, type DateLocale } from '../foundations/instants.js';
import { VIDEO_FORMATS, type VideoFormat } from '../foundations/video-format.js';

export type HdmiReach = 'cautious' | 'usual' | 'stretched';
export type MainsLoad = 'eighty' | 'full';
/** What counts as sharp: a share of the picture's diagonal, or two pixels of the output. */
export type SharpCircle = 'diagonal' | 'pixels';
/** Where sound is delayed: in the device in which it meets the pictures, or in the sound desk. */
export type DelayAt = 'meeting' | 'desk';
export type UploadHeadroom = 'half' | 'threeQuarters';

export type CoaxReach = 'attenuation' | 'flat';

/** Farthest that the house lets a make of cable run, m, in place of the usual limit. */
export class Reaches {
  [make: string]: number | undefined;
}
for (const make of CABLE_MAKES) {
  Optional()(Reaches.prototype, make);
  Num(0.5, 20000)(Reaches.prototype, make);
}
export type ReachRule = Readonly<Partial<Record<CableMake, number>>>;

/** Choices where practitioners differ; an event may override any of them. */
export class RuleChoices {
  @Optional() @OneOf(['cautious', 'usual', 'stretched']) hdmiReach?: HdmiReach;
  @Optional() @OneOf(['eighty', 'full']) mainsLoad?: MainsLoad;
  @Optional() @OneOf(['half', 'threeQuarters']) uploadHeadroom?: UploadHeadroom;
  @Optional() @OneOf(VIDEO_FORMATS) format?: VideoFormat;
  @Optional() @OneOf(['diagonal', 'pixels']) circle?: SharpCircle;
  /** Clear width of aisles, m. */
  @Optional() @Num(0.5, 5) aisleWidth?: number;
  @Optional() @Num(0.8, 2) seatedHead?: number;
  @Optional() @Num(1, 2.5) standingHead?: number;
  /** Slack added to cable runs, %. */
  @Optional() @Num(0, 50) slack?: number;
  /** Part of a battery kept back, %. */
  @Optional() @Num(0, 60) batteryReserve?: number;
  /** Share of whatever can run out that is kept spare, %. */
  @Optional() @Num(0, 50) keptSpare?: number;
  @Optional() @OneOf(['meeting', 'desk']) delayAt?: DelayAt;
  @Optional() @OneOf(['attenuation', 'flat']) coaxReach?: CoaxReach;
  @Optional() @One(() => Reaches) reaches?: ReachRule;
  @Optional() @One(() => Attention) attention?: Attention;
  @Optional() @One(() => CrewRules) crew?: CrewRules;
  @Optional() @Int(0, 20) cableSpares?: number;
  /** Leads of each kind that go along spare. */
  @Optional() @Int(0, 20) spareLeads?: number;
  /** Chance that is accepted that more of a kind fail at an event than there are spares, %; 0 = no spares by chance. */
  @Optional() @Num(0, 50) spareRisk?: number;
  /** After an event, before others may have what was booked for it, min. */
  @Optional() @Int(0, 10080) turnaround?: number;
  @Optional() @OneOf(DATE_LOCALES) dates?: DateLocale;
}

/** House rules of an organisation: its units and the default of every choice. */
export class Rules {
  @OneOf([1]) version!: 1;
  @Text(80, 1) organisation!: string;
  @OneOf(['metric', 'imperial']) units!: 'metric' | 'imperial';
  /** How dates and times are written; absent = as in en-GB. */
  @Optional() @OneOf(DATE_LOCALES) dates?: DateLocale;
  /** Of prices. */
  @Optional() @OneOf(CURRENCIES) currency?: Currency;
  @OneOf(['cautious', 'usual', 'stretched']) hdmiReach!: HdmiReach;
  @OneOf(['eighty', 'full']) mainsLoad!: MainsLoad;
  @OneOf(['half', 'threeQuarters']) uploadHeadroom!: UploadHeadroom;
  @OneOf(VIDEO_FORMATS) format!: VideoFormat;
  /** Absent = by the diagonal. */
  @Optional() @OneOf(['diagonal', 'pixels']) circle?: SharpCircle;
  @Num(0.5, 5) aisleWidth!: number;
  @Num(0.8, 2) seatedHead!: number;
  @Num(1, 2.5) standingHead!: number;
  @Num(0, 50) slack!: number;
  @Num(0, 60) batteryReserve!: number;
  /** Share of whatever can run out that is kept spare, %; absent = none. */
  @Optional() @Num(0, 50) keptSpare?: number;
  /** Absent = where sound and pictures meet. */
  @Optional() @OneOf(['meeting', 'desk']) delayAt?: DelayAt;
  /** How far coax carries: by its attenuation, or 90 m whatever it is; absent = by attenuation. */
  @Optional() @OneOf(['attenuation', 'flat']) coaxReach?: CoaxReach;
  @Optional() @One(() => Reaches) reaches?: ReachRule;
  @Optional() @One(() => Attention) attention?: Attention;
  @Optional() @One(() => CrewRules) crew?: CrewRules;
  /** Cables of each kind that stay spare when leads are cut; absent = none. */
  @Optional() @Int(0, 20) cableSpares?: number;
  /** Absent = none. */
  @Optional() @Int(0, 20) spareLeads?: number;
  /** Absent or 0 = no spares by chance. */
  @Optional() @Num(0, 50) spareRisk?: number;
  /** Absent = at once. */
  @Optional() @Int(0, 10080) turnaround?: number;
  @Optional() @One(() => MoneyRules) money?: MoneyRules;
  /** How long work takes here, as it was learned; absent = as is usual. */
  @Optional() @One(() => Paces) paces?: LearnedPaces;
}
