/** Every way in which two free ports can be joined: a plain lead, or one adapter or converter between. */
import type { Bundle, Bus, Device, Kind, Port } from '../../documents/index.js';
import { inOrder, whyNotNative, type VideoFormat } from '../../foundations/index.js';
import { givenBy } from '../../stations/signal/formats.js';
import { cutsWindows, switches } from '../../stations/signal/functions.js';
import { endsWords, OwnedLeads, type SpecialLead } from '../../stations/signal/lead-ends.js';
import { plainClash } from '../../stations/signal/port-fit.js';
import type { PlanWiring } from '../../stations/signal/result.js';
import type { FreePort, PortEnd } from './free-ports.js';

/** One way to meet a demand. */
export interface Way {
  readonly from: PortEnd;
  readonly to: PortEnd;
  /** The kind that comes between, with its input and output. */
  readonly via: { readonly kind: string; readonly input: string; readonly output: string } | undefined;
  /** The lead with unlike ends that joins them, which is counted like a thing in between. */
  readonly lead?: NamedLead;
  /** What the output of a switcher must be set to for it; undefined where it gives that already. */
  readonly bus: Bus | undefined;
  /** What it costs without what is bought. */
  readonly cost: number;
}

export interface NamedLead {
  /** `lead HDMI C to HDMI A`. */
  readonly name: string;
  readonly kinds: readonly string[];
}

/** Costs are compared, never shown: a plain lead, one that shows nothing as it is set, a thing in between. */
const COST = { later: 0.01, format: 5, unlike: 0.2, adapter: 1, converter: 3, setBus: 0.5 } as const;

export class Ways {
  /** Kinds that may come between two ports. */
  private readonly between: readonly (readonly [string, Kind])[];
  private readonly leads: OwnedLeads;

  constructor(
    private readonly bundle: Bundle,
    private readonly wiring: PlanWiring,
    private readonly format: VideoFormat,
  ) {
    this.leads = new OwnedLeads(bundle);
    this.between = inOrder(bundle.kinds.kinds).filter(
      ([, kind]) => (kind.family === 'adapter' || kind.family === 'converter') && !cutsWindows(kind),
    );
  }

  /** The ways of every output to every input, the earlier ports a little cheaper; `bus`: what the outputs must give. */
  of(outputs: readonly FreePort[], inputs: readonly FreePort[], bus?: Bus): Way[] {
    return outputs.flatMap(([from, output], i) =>
      inputs.flatMap(([to, input], j): Way[] => {
        if (output.carries !== input.carries || from.device === to.device) return [];
        const set = this.busToSet(from, output, bus);
        if (set !== undefined && !output.gives?.includes(set)) return [];
        const cost = (i + j) * COST.later + (set === undefined ? 0 : COST.setBus);
        const unlike = input.carries === 'video' && !this.fitsAsItIs(from, to, input);
        const direct = { from, to, via: undefined, bus: set };
        const asItIs = cost + (unlike ? COST.format : 0);
        if (!plainClash(output, input)) return [{ ...direct, cost: asItIs }];
        return [
          ...this.leads
            .between(output, input)
            .map(lead => ({ ...direct, lead: named(lead), cost: asItIs + COST.unlike })),
          ...this.throughKinds([from, output], [to, input], set, cost, unlike),
        ];
      }),
    );
  }

  /** What an output must be set to for a bus; undefined where it gives that already, or none is asked for. */
  private busToSet({ device, port }: PortEnd, output: Port, bus: Bus | undefined): Bus | undefined {
    const now = currentBus(this.bundle.plan.devices?.[device], port, output);
    return now === bus ? undefined : bus;
  }

  private throughKinds(
    [from, output]: FreePort,
    [to, input]: FreePort,
    bus: Bus | undefined,
    cost: number,
    unlike: boolean,
  ): Way[] {
    return this.between.flatMap(([kind, { family, ports }]): Way[] => {
      const own = inOrder(ports).filter(([, { carries }]) => carries === output.carries);
      const entry = own.find(([, port]) => port.direction === 'in' && !plainClash(output, port));
      const exit = own.find(([, port]) => port.direction === 'out' && !plainClash(port, input))?.[0];
      if (entry === undefined || exit === undefined) return [];
      const via = { kind, input: entry[0], output: exit };
      // Only a scaler makes a picture into another size or rate.
      const format = unlike && !entry[1].scaled ? COST.format : 0;
      return [
        { from, to, via, bus, cost: cost + format + COST[family === 'adapter' ? 'adapter' : 'converter'] },
      ];
    });
  }

  /** Whether an input that takes only its switcher's own format is given that. */
  private fitsAsItIs(from: PortEnd, to: PortEnd, input: Port): boolean {
    if (input.scaled || !switches(this.wiring, to.device)) return true;
    const given = givenBy(this.wiring, from.device, from.port, this.format);
    const own = this.wiring.devices[to.device]?.format ?? this.format;
    return 'why' in given || whyNotNative(own, given.value) === undefined;
  }
}

const named = (lead: SpecialLead): NamedLead => ({
  name: `lead ${endsWords(lead.near, lead.far) ?? lead.near.connector}`,
  kinds: lead.kinds,
});

const currentBus = (device: Device | undefined, port: string, { gives }: Port): Bus | undefined =>
  device?.buses?.[port]?.bus ?? gives?.[0];
