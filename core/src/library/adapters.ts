/** Small pieces between plugs and sockets: adapters and joiners. */
import type { Connector, Kind } from '../documents/index.js';
import { ports, video } from './port-sketches.js';

/** An adapter with a plug on its body where the picture comes in. */
const adapter = (label: string, input: Connector, output: Connector, ids: [string, string]): Kind => ({
  label,
  family: 'adapter',
  weight: 0.03,
  ports: ports(video(ids[0], input, 'in', input, { ends: 'plug' }), video(ids[1], output, 'out', output)),
});

const joiner = (label: string, input: Connector, output: Connector, ids: [string, string]): Kind => ({
  label,
  family: 'adapter',
  weight: 0.03,
  ports: ports(video(ids[0], input, 'in', input), video(ids[1], output, 'out', output)),
});

export const ADAPTERS: Record<string, Kind> = {
  adaptdtoa: adapter('Adapter, HDMI D plug to HDMI A socket', 'HDMI D', 'HDMI A', ['hdmidin01', 'hdmiaout1']),
  adaptctoa: adapter('Adapter, HDMI C plug to HDMI A socket', 'HDMI C', 'HDMI A', ['hdmicin01', 'hdmiaout1']),
  adaptusbc: adapter('Adapter, USB-C to HDMI', 'USB-C', 'HDMI A', ['usbcin001', 'hdmiaout1']),
  adaptdpor: adapter('Adapter, DisplayPort to HDMI', 'DisplayPort', 'HDMI A', ['dportin01', 'hdmiaout1']),
  joinhdmi1: joiner('Joiner, HDMI socket to socket', 'HDMI A', 'HDMI A', ['hdmiain01', 'hdmiaout1']),
  joinnetw1: {
    label: 'Joiner, network socket to socket',
    family: 'adapter',
    weight: 0.03,
    ports: ports(
      ['netin0001', 'RJ45', 'in', 'RJ45', 'network'],
      ['netout001', 'RJ45', 'out', 'RJ45', 'network'],
    ),
  },
  joinbnc01: joiner('Joiner, BNC socket to socket', 'BNC', 'BNC', ['bncin0001', 'bncout001']),
};
