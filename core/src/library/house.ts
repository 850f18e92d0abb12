/** Installed lines of a house, by what runs through them; they belong to the venue and are never packed. */
import type { CableMake, Carries, Connector, Kind } from '../documents/index.js';
import { ports } from './port-sketches.js';

const line = (label: string, connector: Connector, carries: Carries): Kind => ({
  label,
  family: 'house line',
  ports: ports(
    ['nearend01', 'near end', 'in', connector, carries],
    ['farend001', 'far end', 'out', connector, carries],
  ),
});

export const HOUSE_LINES: Record<string, Kind> = {
  linehdmi1: line('House line, HDMI', 'HDMI A', 'video'),
  linecoax1: line('House line, coax', 'BNC', 'video'),
  linefibr1: line('House line, fibre', 'fibre LC', 'video'),
  linenetw1: line('House line, network', 'RJ45', 'network'),
  lineaudi1: line('House line, balanced audio', 'XLR', 'audio'),
};

const BY_MAKE: Readonly<Partial<Record<CableMake, keyof typeof HOUSE_LINES>>> = {
  'hdmi-plain': 'linehdmi1',
  'hdmi-active': 'linehdmi1',
  'hdmi-optical': 'linehdmi1',
  'coax-thin': 'linecoax1',
  'coax-standard': 'linecoax1',
  'coax-thick': 'linecoax1',
  fibre: 'linefibr1',
  ethernet: 'linenetw1',
  'balanced-audio': 'lineaudi1',
};

/** The kind of an installed line of some make; undefined for what carries no signal. */
export const lineKind = (make: CableMake): string | undefined => BY_MAKE[make];
