/** The next purchase: which one thing more would help all coming events most for its money. */
import { createAssessor, type Assessment } from '../assess.js';
import type { Bundle, Item } from '../documents/index.js';
import type { Severity } from '../foundations/index.js';
import { buyingPrice } from '../stations/pack/money/prices.js';
import { onAirOf, onAirWithout } from '../on-air/index.js';
import { coveredShots } from './index.js';

export interface Purchase {
  readonly kind: string;
  readonly label: string;
  readonly price: number | null;
  readonly stops: number;
  readonly risks: number;
  /** Shots that can be covered with what one has then and cannot now. */
  readonly shots: number;
  /** Events that it helps. */
  readonly events: readonly string[];
  /** What it is worth by the weights below, and that for a hundred of the money of the house. */
  readonly worth: number;
  readonly perHundred: number | null;
}

/** A stop that goes counts as much as five risks, a shot gained as three. */
export const PURCHASE_WEIGHTS = { stop: 5, risk: 1, shot: 3 } as const;

const NEW = 'itemwished1';

/** The bundle as if one more of a kind were on the shelf, set aside for the first device that lacks one. */
function withOneMore(bundle: Bundle, kind: string, lacking: readonly string[]): Bundle {
  const item: Item = { tape: 'NEW', kind, state: 'ready' };
  const { devices = {} } = bundle.plan;
  const place = lacking.find(id => devices[id]?.kind === kind);
  const own = place === undefined ? undefined : devices[place];
  return {
    ...bundle,
    shelf: { items: { ...bundle.shelf.items, [NEW]: item } },
    plan:
      own && place !== undefined
        ? { ...bundle.plan, devices: { ...devices, [place]: { ...own, item: NEW } } }
        : bundle.plan,
  };
}

/** Shots that are covered with what is there alone: devices that must be come by are away. */
function coveredNow(bundle: Bundle, assessment: Assessment, assess: (bundle: Bundle) => Assessment): number {
  const away = Object.keys(assessment.pack.money.needs).filter(id => bundle.plan.devices?.[id]);
  const left =
    away.length === 0 ? onAirOf(bundle, assessment) : onAirWithout(bundle, assessment, away, assess);
  return coveredShots(bundle, assessment, left).length;
}

/** Ranked by what each is worth for its money; what has no known price comes last, by what it is worth. */
export function nextPurchases(bundles: readonly Bundle[]): readonly Purchase[] {
  const found = new Map<
    string,
    { stops: number; risks: number; shots: number; events: string[]; of: Bundle }
  >();
  for (const bundle of bundles) {
    const assess = createAssessor();
    const before = assess(bundle);
    const { needs } = before.pack.money;
    const covered = coveredNow(bundle, before, assess);
    const lacking = Object.keys(needs);
    for (const kind of new Set(Object.values(needs).flatMap(need => need.kind ?? []))) {
      const more = withOneMore(bundle, kind, lacking);
      const after = assess(more);
      const gone = (severity: Severity): number => count(before, severity) - count(after, severity);
      const known = found.get(kind) ?? { stops: 0, risks: 0, shots: 0, events: [], of: bundle };
      const [stops, risks] = [Math.max(0, gone('stop')), Math.max(0, gone('risk'))];
      const shots = Math.max(0, coveredNow(more, after, assess) - covered);
      found.set(kind, {
        ...{ stops: known.stops + stops, risks: known.risks + risks, shots: known.shots + shots },
        events: stops + risks + shots > 0 ? [...known.events, bundle.plan.label] : known.events,
        of: bundle,
      });
    }
  }
  return [...found]
    .map(([kind, { of, events, stops, risks, shots }]): Purchase => {
      const price = buyingPrice(kind, of.kinds, of.rules) ?? null;
      const worth =
        stops * PURCHASE_WEIGHTS.stop + risks * PURCHASE_WEIGHTS.risk + shots * PURCHASE_WEIGHTS.shot;
      return {
        ...{ kind, label: of.kinds.kinds[kind]?.label ?? kind, price, stops, risks, shots, events, worth },
        perHundred: price === null ? null : (worth * 100) / Math.max(1, price),
      };
    })
    .filter(({ worth }) => worth > 0)
    .sort((a, b) => (b.perHundred ?? -1) - (a.perHundred ?? -1) || b.worth - a.worth);
}

const count = ({ snags }: Assessment, severity: Severity): number =>
  snags.filter(snag => snag.severity === severity).length;
