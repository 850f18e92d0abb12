/** How far each make of cable carries: by house rule, by attenuation, and by what was proved. */
import type { CableMake, Kind, Link, Port, Proof, Rules } from '../../documents/index.js';
import {
  constant,
  given,
  linkRate,
  taken,
  type Figure,
  type Term,
  type VideoFormat,
} from '../../foundations/index.js';
import * as figures from './figures.js';
import { isMains, MAKE_WORDS } from './makes.js';

/** Plain HDMI by school, m. */
const HDMI_SCHOOLS = { cautious: 9, usual: 15, stretched: 20 } as const;
const FLAT: Readonly<Partial<Record<CableMake, number>>> = {
  'hdmi-optical': 100,
  ethernet: 100,
  'unbalanced-audio': 8,
  'usb-2': 5,
  'usb-3': 3,
  'usb-3-fast': 1,
  fibre: 300,
  'fibre-single': 2000,
};

/** α(f) = a·√f + b·f in dB per 100 m, f in MHz. */
export const COAX: Readonly<Partial<Record<CableMake, { a: number; b: number }>>> = {
  'coax-thin': { a: 1.033, b: 0.002 },
  'coax-standard': { a: 0.723, b: 0.00167 },
  'coax-thick': { a: 0.568, b: 0.00133 },
};

/** Half the clock, MHz, and what may be lost there, dB, by the rate of the link in Gb/s. */
const BUDGETS = [
  { rate: 1.485, mhz: 742.5, budget: 20, standard: 'SMPTE ST 292-1' },
  { rate: 2.97, mhz: 1485, budget: 20, standard: 'SMPTE ST 424' },
  { rate: 5.94, mhz: 2970, budget: 30, standard: 'SMPTE ST 2081-1' },
  { rate: 11.88, mhz: 5940, budget: 40, standard: 'SMPTE ST 2082-1' },
] as const;

export interface Reach {
  /** Farthest by the house rule, and beyond which nobody goes. */
  readonly limit: Figure;
  readonly stretched: Figure;
}

export interface ReachOf {
  readonly make: CableMake;
  /** What runs through it; that of the event where nobody knows. */
  readonly format: VideoFormat;
  /** Joints between its cables: couplers and patch passes, never the plugs at its ends. */
  readonly joints: number;
  /** The port it comes out of, with the kind and the key of it. */
  readonly source: { readonly kind: string; readonly key: string; readonly port: Port } | undefined;
}

/** One term that is both: nobody goes beyond it. */
const both = (id: string, term: Term): Reach => ({
  limit: figures.limit.calc([id], [{ ...term, name: 'limit' }]),
  stretched: figures.stretched.calc([id], [{ ...term, name: 'stretched' }]),
});

/** The reach of a lead: what its device states, else what the house says, else the usual of its make. */
export function reachOf(id: string, { make, format, joints, source }: ReachOf, rules: Rules): Reach {
  if (source?.port.reach !== undefined) {
    const pointer = `/kinds/${source.kind}/ports/${source.key}/reach`;
    return both(id, given('limit', source.port.reach, 'm', 'kinds', pointer));
  }
  const usual = usualReach(id, { make, format, joints, source }, rules);
  const own = rules.reaches?.[make];
  if (own === undefined) return usual;
  const limit = figures.limit.calc([id], [given('limit', own, 'm', 'rules', `/reaches/${make}`)]);
  const base = usual.stretched.value === null ? own : Number(usual.stretched.value);
  return {
    limit,
    stretched: figures.stretched.calc(
      [id],
      [
        given('own', own, 'm', 'rules', `/reaches/${make}`),
        constant('usual', base, 'm', `farthest that anybody runs ${MAKE_WORDS[make]}`),
      ],
      { formula: 'max(own, usual)' },
    ),
  };
}

function usualReach(id: string, { make, format, joints, source }: ReachOf, rules: Rules): Reach {
  const rate = linkRate(format);
  if (make === 'hdmi-plain') return plainHdmi(id, rate, format, rules);
  if (make === 'hdmi-active') {
    const words = rate > 2.97 ? 'active copper at 2160 lines' : 'active copper up to 1080p60';
    return both(id, constant('limit', rate > 2.97 ? 10 : 25, 'm', words));
  }
  if (COAX[make]) return coaxReach(id, { make, format, joints }, rate, rules);
  if (make === 'balanced-audio') {
    const line = source?.port.level === 'line';
    const words = line ? 'balanced sound at line level' : 'balanced sound at microphone level';
    return both(id, constant('limit', line ? 300 : 100, 'm', words));
  }
  const flat = FLAT[make];
  if (flat !== undefined) return both(id, constant('limit', flat, 'm', `reach of ${MAKE_WORDS[make]}`));
  const why = isMains(make)
    ? 'a mains lead is checked for voltage drop under Power'
    : `how far ${MAKE_WORDS[make]} carries is not known: measure the volts at its far end under load`;
  return { limit: figures.limit.unknown([id], why), stretched: figures.stretched.unknown([id], why) };
}

function plainHdmi(id: string, rate: number, format: VideoFormat, rules: Rules): Reach {
  if (rate > 2.97) {
    const limit = constant('limit', rate > 5.94 ? 3 : 5, 'm', `plain HDMI at ${format}`);
    const stretched = constant('stretched', 5, 'm', `certified for ${format}`);
    return { limit: figures.limit.calc([id], [limit]), stretched: figures.stretched.calc([id], [stretched]) };
  }
  const rule = 'how far plain HDMI may run: cautious 9 m, usual 15 m, stretched 20 m';
  const school = given('school', rules.hdmiReach, '', 'rules', '/hdmiReach');
  const terms = Object.entries(HDMI_SCHOOLS).map(([name, metres]) =>
    constant(name, metres, 'm', `${name} school`),
  );
  return {
    limit: figures.limit.calc([id], [school, ...terms], {
      formula: "school = 'cautious' ? cautious : school = 'usual' ? usual : stretched",
      rule,
    }),
    stretched: figures.stretched.calc(
      [id],
      [constant('stretched', HDMI_SCHOOLS.stretched, 'm', 'stretched school')],
      { rule },
    ),
  };
}

/** What an attenuation may use up, and what uses it up before the cable does. */
const LEFT = '100 * max(0, 0.9 * budget - joint * joints) / (a * sqrt(f / mhz) + b * f / mhz)';
/** The same for the next slower rate: a larger budget does not carry 6G farther than 3G in practice. */
const SLOWER = '100 * max(0, 0.9 * slower - joint * joints) / (a * sqrt(g / mhz) + b * g / mhz)';

/** Metres at which a tenth of the budget and half a decibel for each joint are left; flat where the house has it so. */
function coaxReach(
  id: string,
  { make, format, joints }: Pick<ReachOf, 'make' | 'format' | 'joints'>,
  rate: number,
  rules: Rules,
): Reach {
  if (rules.coaxReach === 'flat' && rate <= 2.97) {
    return both(id, constant('limit', 90, 'm', 'house rule: 90 m, whatever the coax'));
  }
  const at = (wanted: number): (typeof BUDGETS)[number] =>
    BUDGETS.find(each => each.rate === wanted) ?? BUDGETS[0];
  const { mhz, budget, standard } = at(rate);
  const three = at(2.97);
  const coax = COAX[make] ?? { a: 0, b: 0 };
  const terms: Term[] = [
    constant('budget', budget, 'dB', standard),
    constant('joints', joints, 'pieces', 'joints between its cables'),
    constant('joint', 0.5, 'dB', 'lost at each'),
    constant('a', coax.a, 'dB/100 m', 'class of coax, for each 100 m and root of a megahertz'),
    constant('b', coax.b, 'dB/100 m', 'class of coax, for each 100 m and megahertz'),
    constant('f', mhz, 'MHz', `half the clock at ${format}`),
    constant('mhz', 1, 'MHz', 'a megahertz'),
  ];
  const slow = [
    constant('slower', three.budget, 'dB', three.standard),
    constant('g', three.mhz, 'MHz', 'half the clock of 3G'),
  ];
  const of =
    rate === 5.94
      ? {
          terms: [...terms, ...slow],
          formula: `min(${LEFT}, ${SLOWER})`,
          source: `${standard}, one tenth kept back; never farther than 3G`,
        }
      : { terms, formula: LEFT, source: `${standard}, one tenth kept back` };
  const { formula, source } = of;
  return {
    limit: figures.limit.calc([id], of.terms, { formula, source, rule: 'coax by attenuation' }),
    stretched: figures.stretched.calc([id], of.terms, { formula, source, rule: 'coax by attenuation' }),
  };
}

/** A proof that speaks for a lead: its own, else that of the one cable it is made of. */
export interface KnownProof {
  readonly proof: Proof;
  readonly document: 'plan' | 'shelf';
  readonly pointer: string;
}

export const proofOf = (
  link: Pick<Link, 'proof'>,
  id: string,
  cables: readonly { readonly item: string; readonly proof?: Proof }[],
): KnownProof | undefined => {
  if (link.proof) return { proof: link.proof, document: 'plan', pointer: `/links/${id}/proof` };
  const [cable] = cables;
  return cables.length === 1 && cable?.proof
    ? { proof: cable.proof, document: 'shelf', pointer: `/items/${cable.item}/proof` }
    : undefined;
};

/** `within`, `proved`, `failed when tested`, `beyond the house rule` or `beyond any rule`, for the cable used. */
export function reachVerdict(
  id: string,
  used: Term,
  { limit, stretched }: Reach,
  format: VideoFormat,
  known: KnownProof | undefined,
  reach: typeof figures.reach | typeof figures.spanReach = figures.reach,
): Figure {
  if (limit.value === null) return reach.unknown([id], limit.why ?? '');
  const terms = [used, taken('limit', limit), taken('stretched', stretched)];
  const school = { formula: SCHOOL };
  if (!known) return reach.calc([id], terms, school);
  const { proof, document, pointer } = known;
  const tested = given('tested', proof.length, 'm', document, `${pointer}/length`);
  const faster = proof.format !== undefined && linkRate(proof.format) < linkRate(format);
  const slower = proof.format !== undefined && linkRate(proof.format) > linkRate(format);
  // What worked at a lower rate proves nothing at a higher one; what failed at a lower one fails at a higher one.
  if (proof.works ? faster : slower) return reach.calc([id], terms, school);
  const verdict = proof.works ? "used <= tested ? 'proved'" : "used >= tested ? 'failed when tested'";
  return reach.calc([id], [...terms, tested], { formula: `${verdict} : ${SCHOOL}` });
}

const SCHOOL = "used <= limit ? 'within' : used <= stretched ? 'beyond the house rule' : 'beyond any rule'";

/** Nothing speaks against a lead of this verdict. */
export const reachIsGood = (reach: Figure): boolean =>
  reach.value === null || reach.value === 'within' || reach.value === 'proved';

/** The kind and port that a lead comes out of, for what its device states. */
export const sourceOf = (
  wiring: {
    readonly devices: Readonly<Record<string, { readonly kind: string }>>;
    readonly kindOf: (device: string | undefined) => Kind | undefined;
    readonly portOf: (end: Link['from']) => Port | undefined;
  },
  { from }: Link,
): ReachOf['source'] => {
  const port = wiring.portOf(from);
  const kind = wiring.devices[from.device ?? '']?.kind;
  return port && kind !== undefined ? { kind, key: from.port ?? '', port } : undefined;
};
