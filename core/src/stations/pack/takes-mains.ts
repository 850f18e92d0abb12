import type { Kind } from '../../documents/index.js';
import { isMains, usualMake } from '../runs/makes.js';

/** Whether mains goes into or through a thing, so that it is tested electrically where a house does that. */
export const takesMains = ({ ports = {}, cable }: Pick<Kind, 'ports' | 'cable'>): boolean =>
  (cable !== undefined && isMains(cable.make)) ||
  Object.values(ports).some(port => {
    const make = port.carries === 'power' && port.direction === 'in' ? usualMake(port) : undefined;
    return make !== undefined && isMains(make);
  });
