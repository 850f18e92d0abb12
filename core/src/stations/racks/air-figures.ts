/** Figures of the air in a rack: what warms it, what carries it away, and how warm it reaches each thing. */
import { declare, DEFINITION, houseRule, standard } from '../../foundations/index.js';

const AIRFLOW = standard('heat carried by a stream of air: 2.98 m³/h for 1 W at 1 K, at sea level');

export const heat = declare({
  key: 'racks.racks.*.heat',
  label: 'Heat in it',
  unit: 'W',
  basis: DEFINITION,
  formula: 'sum(mounted)',
});
export const passive = declare({
  key: 'racks.racks.*.passive',
  label: 'Leaves through one open face',
  unit: 'W',
  basis: houseRule(
    'one wholly open face, rise of 10 K',
    'natural convection: flow grows with the height of the opening to the power of 1.5; house figure for one unit',
  ),
  formula: 'one * (U / unit) ^ 1.5',
});
export const leaves = declare({
  key: 'racks.racks.*.air.leaves',
  label: 'Leaves by itself at a rise of 10 K',
  unit: 'W',
  basis: houseRule('faces count by what of them is open and free of panels'),
  formula: 'passive * sum(open) / thin',
});
export const ambient = declare({
  key: 'racks.racks.*.air.ambient',
  label: 'Air of the room, at its warmest',
  unit: '°C',
  basis: houseRule('20 °C until somebody has noted another temperature'),
  formula: 'max(noted)',
});
export const thin = declare({
  key: 'racks.racks.*.air.thin',
  label: 'Thinner air: so much more of it is needed',
  unit: '×',
  basis: standard('barometric formula, scale height of 8,400 m'),
  formula: 'e ^ (altitude / scale)',
});
export const sun = declare({
  key: 'racks.racks.*.air.sun',
  label: 'Warmed by the sun',
  unit: 'W',
  basis: houseRule('its top and one long side in the sun, at 1,000 W/m²; black takes in 90 %, white 30 %'),
  formula: 'sunshine * taken * (wide * deep + deep * high)',
});
export const blown = declare({
  key: 'racks.racks.*.air.blown',
  label: 'Blown out behind by their own fans',
  unit: 'W',
  basis: DEFINITION,
  formula: 'sum(item)',
});
export const needs = declare({
  key: 'racks.racks.*.air.needs',
  label: 'Air it needs for a rise of 10 K',
  unit: 'm³/h',
  basis: AIRFLOW,
  formula: 'air * (heat - blown + sun) * thin / rise',
});
export const flow = declare({
  key: 'racks.racks.*.air.flow',
  label: 'Air through it',
  unit: 'm³/h',
  basis: houseRule('fans in one case together; without fans, what rises by itself'),
});
export const rise = declare({
  key: 'racks.racks.*.air.rise',
  label: 'Warmer where the air leaves by',
  unit: 'K',
  basis: houseRule('10 K is usual'),
  limits: { raises: 'racks.too-hot', risk: { above: 10 } },
});
export const again = declare({
  key: 'racks.racks.*.air.again',
  label: 'Of what it takes in, its own warm air',
  unit: '×',
  basis: houseRule('0.3 where fans have one open face for both ways, else none'),
  formula: 'share',
});
export const inlet = declare({
  key: 'racks.racks.*.air.inlet',
  label: 'Air it takes in',
  unit: '°C',
  basis: standard('recirculation: a share of the rise, again and again'),
  formula: 'ambient + again * rise / (1 - again)',
});
export const noise = declare({
  key: 'racks.racks.*.air.noise',
  label: 'Noise of its fans at 1 m',
  unit: 'dB(A)',
  basis: standard('sum of the levels of sources that do not keep time with each other'),
  method: '10 · log of the sum of 10 ^ (level / 10)',
  limits: { raises: 'racks.loud', note: { above: 35 } },
});
export const fan = declare({
  key: 'racks.racks.*.items.*.moves',
  label: 'Air it moves here',
  unit: 'm³/h',
  basis: houseRule('0.6 of what it moves into free air, where no curve is known'),
  formula: 'share * free',
});
export const warm = declare({
  key: 'racks.racks.*.items.*.warm',
  label: 'Air that reaches it',
  unit: '°C',
  basis: AIRFLOW,
});
export const margin = declare({
  key: 'racks.racks.*.items.*.margin',
  label: 'Cooler than it must be by',
  unit: 'K',
  basis: houseRule('up to 40 °C where its maker says nothing'),
  formula: 'most - warm',
  limits: { raises: 'racks.too-hot', stop: { below: 0 } },
});
