/** What a kind has to do with power: what it takes, what it hands on, and what it stores. */
import { Flag, Int, Num, OneOf, Optional, Said } from './decorators.js';
import { CHEMISTRIES, DRAWS, type Chemistry, type Draws } from './power-words.js';
import { CONNECTORS, type Connector } from './signal-words.js';

const FACTOR_HELP = 'watts divided by volt-amperes, where a meter shows both';

export class PowerNeed {
  /** Absent = nobody has measured it. */
  @Optional()
  @Num(0, 20000)
  @Said('Takes while it works', 'W', { help: 'empty = not known' })
  running?: number;
  /** What its rating plate allows, which stands in where nobody has measured it. */
  @Optional()
  @Num(0, 20000)
  @Said('On its rating plate', 'W', { help: 'its most, until it is measured' })
  plate?: number;
  @Optional() @Num(0, 20000) @Said('On standby', 'W') standby?: number;
  @Optional() @Num(0, 20000) @Said('At its most', 'W', { help: 'motors, full light' }) peak?: number;
  /** Power factor while it works. */
  @Optional()
  @Num(0.3, 1)
  @Said('Power factor', '', { help: FACTOR_HELP })
  factor?: number;
  @Optional()
  @Num(0.1, 1)
  @Said('Power factor on standby', '', { help: FACTOR_HELP })
  standbyFactor?: number;
  @Optional() @Num(0.3, 1) @Said('Power factor at its most', '', { help: FACTOR_HELP }) peakFactor?: number;
  /** Highest current for an instant as it is switched on, A. */
  @Optional() @Num(0.1, 2000) @Said('Inrush as it is switched on', 'A') inrush?: number;
  /** Minutes until it works again after its power was taken away; absent = not known. */
  @Optional()
  @Num(0, 120)
  @Said('Works again after', 'min', { help: 'when its power was taken away' })
  restart?: number;
  /** Its battery can be changed while it runs. */
  @Optional() @Flag() @Said('Its battery is changed while it runs') hotSwap?: boolean;
  /** What stays when its volts fall; absent = its watts. */
  @Optional()
  @OneOf(DRAWS)
  @Said('Keeps, when its volts fall, its', '', { help: 'empty = power' })
  draws?: Draws;
  /** Standing current to earth, mA. */
  @Optional()
  @Num(0, 100)
  @Said('Leaks to earth', 'mA', { help: 'empty = 0.5 mA where it has an adapter' })
  leakage?: number;
}

/** A supply, converter, charger, switch with PoE or inverter: what it takes for what it gives. */
export class Supply {
  /** Watts that come out for each that goes in, at any load. */
  @Optional()
  @Num(0.05, 1)
  @Said('Efficiency', '', { help: 'watts out for each watt in; empty = not known' })
  efficiency?: number;
  /** Watts that it takes besides, at any load. */
  @Optional()
  @Num(0, 2000)
  @Said('Takes besides', 'W', { help: 'at any load, and without one' })
  standing?: number;
  /** Efficiency by load in place of one, as shares of what its outlets give together; what it takes besides is in these already. */
  @Optional() @Num(0.05, 1) @Said('Efficiency at a tenth of its load') atTenth?: number;
  @Optional() @Num(0.05, 1) @Said('Efficiency at half its load') atHalf?: number;
  @Optional() @Num(0.05, 1) @Said('Efficiency at full load') atFull?: number;
  /** What all its outlets give together at most, W. */
  @Optional() @Num(0.1, 20000) @Said('All outlets together', 'W') together?: number;
}

export class Battery {
  @Num(1, 60) @Said('Volts', 'V') volts!: number;
  @Num(0.1, 500) @Said('Charge', 'Ah') ampHours!: number;
  @Num(0.1, 100) @Said('Gives at most', 'A') maxAmps!: number;
  /** Absent = lithium-ion. */
  @Optional()
  @OneOf(CHEMISTRIES)
  @Said('Chemistry', '', { help: 'empty = lithium-ion' })
  chemistry?: Chemistry;
  /** Volts at which it is empty, at which its current is highest. */
  @Optional() @Num(0.5, 60) @Said('Volts when it is empty', 'V') least?: number;
  /** Hours of discharge in which it gives its charge, of lead-acid; absent = 20. */
  @Optional()
  @Num(1, 100)
  @Said('Rated over', 'h', { help: 'of lead-acid; empty = 20 h' })
  hours?: number;
  /** Minutes to charge it from empty. */
  @Optional() @Int(1, 6000) @Said('Charged in', 'min') charging?: number;
  /** Most that it gives as an alternating supply, VA; a battery with an inlet and outlets of mains. */
  @Optional() @Num(1, 20000) @Said('As a stand-by supply, at most', 'VA') voltAmps?: number;
}

/** A battery that stays inside, charged before the event. */
export class InnerBattery {
  @Num(0.1, 5000) @Said('Holds', 'Wh') wattHours!: number;
  /** It is charged again, or at least not drawn upon, while the device runs on another feed. */
  @Optional() @Flag() @Said('Charged again while it runs on another feed') topsUp?: boolean;
  /** Absent = lithium-ion. */
  @Optional()
  @OneOf(CHEMISTRIES)
  @Said('Chemistry', '', { help: 'empty = lithium-ion' })
  chemistry?: Chemistry;
  /** Watts with which it is charged; absent = not known, so it counts as neither charged nor drawn upon. */
  @Optional() @Num(0.1, 500) @Said('Charged with', 'W') chargeWatts?: number;
}

/** What charges batteries that are taken out. */
export class Charger {
  /** Connector of what a battery is put on; batteries that give by the same one are charged by it. */
  @OneOf(CONNECTORS) @Said('Charges batteries with a') connector!: Connector;
  /** How many at the same time, each as fast as if it were alone. */
  @Int(1, 32) @Said('At the same time') bays!: number;
}
