/** A venue as a drawing: each part on the layer of its kind, with its name beside its first point. */
import { partsOf, type Part } from '../drafting/index.js';
import type { Pillar, Venue } from '../documents/index.js';
import { pillarOutline } from '../foundations/index.js';
import type { Drawing, Shape } from './drawing.js';
import { layerOf, targetOf } from './layers.js';

export function toDrawing(venue: Venue): Drawing {
  return { shapes: partsOf(venue).flatMap(part => [shapeOf(part), ...nameOf(part)]) };
}

function shapeOf(part: Part): Shape {
  const { map, points, closed, label: text } = part;
  const layer = layerOf(targetOf(part));
  if (map === 'pillars') {
    const pillar = part.record as unknown as Pillar;
    return pillar.round
      ? { layer, kind: 'circle', points, closed: true, radius: pillar.size / 2, text }
      : { layer, kind: 'path', points: pillarOutline(pillar), closed: true, text };
  }
  const named = map === 'outline' ? {} : { text };
  return { layer, kind: points.length === 1 ? 'point' : 'path', points, closed, ...named };
}

/** A pillar is named at its middle, everything else at its first point. */
const nameOf = (part: Part): Shape[] =>
  part.map === 'outline'
    ? []
    : [
        {
          layer: layerOf(targetOf(part)),
          kind: 'text',
          closed: false,
          text: part.label,
          points: part.points.slice(0, 1),
        },
      ];
