/** A small drawn face for every kind: a body by what it is, and its sockets in a row as one finds them. */
import type { Connector, Kind, Port } from '../documents/index.js';
import { inOrder } from '../foundations/index.js';

export const FACE = { width: 48, height: 20 } as const;

/** SVG paths of a face, `FACE.width` × `FACE.height`: the body in outline, then its sockets. */
export function faceOf({ family, ports, inside, screenWidth, rack }: Kind): {
  body: string;
  sockets: string;
} {
  const shown = inOrder(ports)
    .map(([, port]) => port)
    .filter(({ carries, connector }) => carries !== 'power' && connector !== 'air');
  const room = SOCKET_ROOM[bodyOf(family)];
  const most = Math.floor((room.to - room.from) / STEP);
  const sockets = shown.slice(0, most).map((port, i) => socket(port, room.from + STEP * (i + 0.5), room.y));
  const ears = rack ? 'M1,5v4M1,12v4M47,5v4M47,12v4' : '';
  const screen = inside && screenWidth !== undefined ? 'M5,4h16v8h-16z' : '';
  return { body: `${BODIES[bodyOf(family)]}${ears}${screen}`, sockets: sockets.join('') };
}

const STEP = 4.4;

type Body = 'camera' | 'screen' | 'computer' | 'box' | 'plug' | 'microphone' | 'case' | 'speaker' | 'disk';

const bodyOf = (family: Kind['family']): Body => {
  switch (family) {
    case 'camera':
    case 'screen':
    case 'computer':
    case 'microphone':
    case 'disk':
      return family;
    case 'loudspeaker':
      return 'speaker';
    case 'adapter':
    case 'capture':
    case 'house line':
      return 'plug';
    case 'rack case':
      return 'case';
    default:
      return 'box';
  }
};

const BODIES: Readonly<Record<Body, string>> = {
  camera: 'M4,5h22v11h-22zM26,8l7,-3v11l-7,-3M8,5v-3h8v3M33,7h3v7h-3',
  screen: 'M6,2h36v13h-36zM20,15v3M28,15v3M15,18h18',
  computer: 'M9,3h30v10h-30zM4,17h40l-3,-4h-34z',
  box: 'M3,3h42v14h-42z',
  plug: 'M2,8h6v4h-6M8,5h32v10h-32zM40,8h6v4h-6',
  microphone: 'M10,6a4,4 0 1 1 0,8M10,6h3l24,2v4l-24,2h-3M37,10h8',
  case: 'M3,3h42v14h-42zM7,3v14M41,3v14M18,3v-2h12v2',
  speaker: 'M14,2h20v16h-20zM24,13a3.5,3.5 0 1 0 0.1,0zM24,6a1.5,1.5 0 1 0 0.1,0',
  disk: 'M12,4h24v12h-24zM33,13h0.1M16,13h8',
};

const SOCKET_ROOM: Readonly<Record<Body, { from: number; to: number; y: number }>> = {
  camera: { from: 5, to: 25, y: 12 },
  screen: { from: 8, to: 40, y: 11.5 },
  computer: { from: 11, to: 37, y: 10 },
  box: { from: 4, to: 44, y: 12 },
  plug: { from: 9, to: 39, y: 10 },
  microphone: { from: 20, to: 34, y: 10 },
  case: { from: 8, to: 40, y: 12 },
  speaker: { from: 15, to: 20, y: 16 },
  disk: { from: 13, to: 35, y: 8 },
};

const socket = ({ connector }: Pick<Port, 'connector'>, x: number, y: number): string =>
  `M${Math.round(x * 10) / 10},${y}${SHAPES[connector] ?? 'm-1,-1h2v2h-2z'}`;

const ROUND = 'm-1.6,0a1.6,1.6 0 1 0 3.2,0a1.6,1.6 0 1 0 -3.2,0';
/** Each drawn about its middle. */
const SHAPES: Readonly<Partial<Record<Connector, string>>> = {
  'HDMI A': 'm-1.8,-1h3.6l-0.7,2h-2.2z',
  'HDMI C': 'm-1.4,-0.8h2.8l-0.5,1.6h-1.8z',
  'HDMI D': 'm-1,-0.6h2v1.2h-2z',
  DisplayPort: 'm-1.8,-1h3.6v2h-3l-0.6,-0.6z',
  BNC: `${ROUND}m1.6,0h0.1`,
  XLR: `${ROUND}m0.9,-0.5h0.1m1.2,0h0.1m-0.8,1.1h0.1`,
  RJ45: 'm-1.5,1.2v-2.4h3v2.4h-0.8v0.7h-1.4v-0.7z',
  'fibre LC': 'm-1.6,-0.9h1.3v1.8h-1.3zm1.9,0h1.3v1.8h-1.3z',
  'USB-A': 'm-1.6,-0.8h3.2v1.6h-3.2zm0.5,0.8h2.2',
  'USB-C': 'm-1,-0.6h2a0.6,0.6 0 0 1 0,1.2h-2a0.6,0.6 0 0 1 0,-1.2z',
  'TRS 6.35': `${ROUND}m0.8,0a0.8,0.8 0 1 0 1.6,0a0.8,0.8 0 1 0 -1.6,0`,
  'TRS 3.5': 'm-0.9,0a0.9,0.9 0 1 0 1.8,0a0.9,0.9 0 1 0 -1.8,0',
};
