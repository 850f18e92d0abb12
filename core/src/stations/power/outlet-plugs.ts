/** What an outlet of direct current is asked besides its load: its plug, its fuse and wire, and the volts of USB. */
import type { CableMark, Port, UsbProfile } from '../../documents/index.js';
import { constant, given, type Term } from '../../foundations/index.js';
import { carriedBy } from './copper.js';
import * as figures from './figures/index.js';
import type { OutletLoad } from './result.js';

/** A lead, or part of one: its length, m, its copper, mm², and what it is marked for. */
export interface LeadPart {
  readonly length: number;
  readonly section: number | undefined;
  readonly mark?: CableMark | undefined;
  readonly pointer: string;
}

interface Plugs {
  readonly outlet: Port;
  readonly outletPointer: string;
  readonly inlet: Port | undefined;
  readonly inletPointer: string;
  readonly cables: readonly LeadPart[];
  readonly lowest: Term | undefined;
}

/** Plugs whose sizes differ by less go into each other, mm. */
const SAME_SIZE = 0.11;

/** Whether a round plug goes into its socket, and the right way round; undefined where one side was not measured. */
export function roundPlugOf(
  id: string,
  { outlet: { barrel: out }, inlet, outletPointer, inletPointer }: Plugs,
): OutletLoad['plug'] {
  const into = inlet?.barrel;
  if (!out || !into) return undefined;
  const differs = (a: number, b: number): boolean => Math.abs(a - b) >= SAME_SIZE;
  const wrong = out.centre !== undefined && into.centre !== undefined && out.centre !== into.centre;
  const verdict =
    differs(out.outer, into.outer) || differs(out.inner, into.inner)
      ? 'another size'
      : wrong
        ? 'the wrong way round'
        : 'fits';
  const side = (name: string, barrel: typeof out, pointer: string): Term[] => [
    given(`${name}_outside`, barrel.outer, 'mm', 'kinds', `${pointer}/barrel/outer`),
    given(`${name}_inside`, barrel.inner, 'mm', 'kinds', `${pointer}/barrel/inner`),
    ...(barrel.centre === undefined
      ? []
      : [given(`${name}_middle`, barrel.centre, '', 'kinds', `${pointer}/barrel/centre`)]),
  ];
  const terms = [...side('plug', out, outletPointer), ...side('socket', into, inletPointer)];
  const unmeasured = verdict === 'fits' && (out.centre === undefined || into.centre === undefined);
  return unmeasured
    ? figures.roundPlug.unknown([id], 'what the middle of one of them is, nobody has measured', terms)
    : figures.roundPlug.found([id], verdict, terms);
}

/** The fuse at an outlet beside the thinnest wire behind it, and the volts of its source beside those that it breaks. */
export function fuseOf(id: string, of: Plugs): Pick<OutletLoad, 'wire' | 'breaks'> {
  const { outlet, outletPointer, inlet, cables } = of;
  if (outlet.fuse === undefined) return {};
  const sections = [outlet.section, ...cables.map(({ section }) => section), inlet?.section].filter(
    section => section !== undefined,
  );
  const thinnest = Math.min(...sections);
  const carries = carriedBy(thinnest);
  const fuse = given('fuse', outlet.fuse, 'A', 'kinds', `${outletPointer}/fuse`);
  const highest = outlet.volts
    ? given('V', outlet.volts.high, 'V', 'kinds', `${outletPointer}/volts/high`)
    : undefined;
  return {
    ...(carries !== undefined && {
      wire: figures.fuseWire.calc([id], [fuse, constant('carries', carries, 'A', `${thinnest} mm²`)]),
    }),
    ...(outlet.fuseVolts !== undefined &&
      highest && {
        breaks: figures.fuseBreaks.calc(
          [id],
          [highest, given('breaks', outlet.fuseVolts, 'V', 'kinds', `${outletPointer}/fuseVolts`)],
        ),
      }),
  };
}

const voltsOf = (profile: UsbProfile): number => Number.parseInt(profile, 10);

/** Most volts of a cable that is not marked for more, and the amps of cables by their mark (USB Type-C). */
const UNMARKED_VOLTS = 20;
const AMPS_BY_MARK: Readonly<Record<CableMark, number>> = { '5 A': 5, '240 W': 5 };
const UNMARKED_AMPS = 3;

/**
 * What a USB outlet gives at the volts that both sides know, and what is given at most: of any other outlet what it
 * says. A cable that nobody has cut from the stock is not counted.
 */
export function usbOf(
  id: string,
  { outlet, inlet, cables }: Plugs,
  gives: Term | undefined,
): Pick<OutletLoad, 'usbVolts' | 'usbGives'> & { readonly gives: Term | undefined } {
  if (!outlet.profiles || !inlet?.profiles) return { gives };
  const unmarked = cables.some(({ mark }) => mark !== '240 W');
  const common = inlet.profiles
    .filter(profile => outlet.profiles?.includes(profile))
    .map(voltsOf)
    .filter(volts => volts <= UNMARKED_VOLTS || !unmarked);
  const volts = Math.max(0, ...common);
  const said = [
    constant('outlet', outlet.profiles.join(', '), '', 'as the outlet says'),
    constant('inlet', inlet.profiles.join(', '), '', 'as the inlet says'),
  ];
  const usbVolts = figures.usbVolts.found([id], volts, said);
  if (!gives || volts === 0 || cables.length === 0) return { gives, usbVolts };
  const carries = Math.min(...cables.map(({ mark }) => (mark ? AMPS_BY_MARK[mark] : UNMARKED_AMPS)));
  const usbGives = figures.usbGives.calc(
    [id],
    [
      gives,
      constant('V', volts, 'V', 'both know these'),
      constant('carries', carries, 'A', 'the cable, by its mark'),
    ],
  );
  return {
    usbVolts,
    usbGives,
    gives: constant('gives', usbGives.value, 'W', 'its outlet and cable, at the volts that both know'),
  };
}
