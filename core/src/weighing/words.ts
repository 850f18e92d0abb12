/** What a plan is weighed by: its words and units. */
import type { Unit } from '../foundations/index.js';

/** What is weighed, in the order in which it is shown. */
const WEIGHTS = {
  covered: { label: 'Shots covered', unit: '', better: 'more' },
  shots: { label: 'Shots wanted', unit: '', better: 'more' },
  outputs: { label: 'Outputs fed', unit: '', better: 'more' },
  single: { label: 'Single failures that end an output', unit: '', better: 'less' },
  stops: { label: 'Stops', unit: '', better: 'less' },
  risks: { label: 'Risks', unit: '', better: 'less' },
  people: { label: 'People', unit: 'people', better: 'less' },
  minutes: { label: 'Work before the line check', unit: 'min', better: 'less' },
  watts: { label: 'Power', unit: 'W', better: 'less' },
  kilos: { label: 'Weight', unit: 'kg', better: 'less' },
  delay: { label: 'Latest picture', unit: 'ms', better: 'less' },
  devices: { label: 'To buy: devices', unit: 'money', better: 'less' },
  adapters: { label: 'To buy: adapters', unit: 'money', better: 'less' },
  leads: { label: 'To buy: leads', unit: 'money', better: 'less' },
  supplies: { label: 'To buy: power', unit: 'money', better: 'less' },
  floor: { label: 'To buy: tape and ramps', unit: 'money', better: 'less' },
  spares: { label: 'Kept for leads, adapters, tape and spares', unit: 'money', better: 'less' },
  hired: { label: 'Hire', unit: 'money', better: 'less' },
  total: { label: 'Gear together', unit: 'money', better: 'less' },
  unpriced: { label: 'Without a price', unit: 'pieces', better: 'less' },
  running: { label: 'Costs of the event', unit: 'money', better: 'less' },
} as const satisfies Readonly<
  Record<string, { readonly label: string; readonly unit: Unit; readonly better: 'more' | 'less' }>
>;
export type WeightName = keyof typeof WEIGHTS;
export const WEIGHT_WORDS: Readonly<
  Record<WeightName, { readonly label: string; readonly unit: Unit; readonly better: 'more' | 'less' }>
> = WEIGHTS;
export const WEIGHT_NAMES = Object.keys(WEIGHTS) as WeightName[];
