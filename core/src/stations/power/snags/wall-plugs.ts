import { counted, numberOf, severityOf, type Figure } from '../../../foundations/index.js';
import { outletsNamed } from './outlets-named.js';
import { powerRule } from '../result.js';
import { elsewhere } from './sockets-unfit.js';

/** A plug that does not go into the socket that it is planned for. */
export const plugUnfit = powerRule({
  rule: 'power.plug-unfit',
  reads: ({ own, ground }) => ({ loads: own.sockets, sockets: ground.venue.sockets }),
  *find({ loads, sockets }) {
    for (const [id, { fits }] of Object.entries(loads)) {
      const severity = fits && severityOf(fits);
      if (severity === undefined || !fits) continue;
      const { label = '', connector = 'mains' } = sockets?.[id] ?? {};
      yield {
        severity,
        subjects: [id],
        title: `Socket ${label} takes ${connector === 'mains' ? 'household plugs' : connector}: not all that is plugged in goes into it.`,
        because: [fits],
        advice:
          'Bring a tested lead or a distribution box that ends in both, with its own breakers where it hands on less than the socket is fused for.',
      };
    }
  },
  fixes: elsewhere,
});

/** One load that takes more of a receptacle than American rules let a portable one take. */
export const oneLoadOver = powerRule({
  rule: 'power.one-load-over',
  reads: ({ own, ground }) => ({ loads: own.sockets, sockets: ground.venue.sockets }),
  *find({ loads, sockets }) {
    for (const [id, { single }] of Object.entries(loads)) {
      const severity = single && severityOf(single);
      if (severity === undefined || !single) continue;
      yield {
        severity,
        subjects: [id],
        title: `One thing in socket ${sockets?.[id]?.label ?? ''} takes ${Math.round(numberOf(single) ?? 0)} % of what one may take there.`,
        because: [single],
        advice: 'Plug it into a socket and a circuit that are rated for more.',
      };
    }
  },
  fixes: elsewhere,
});

const UNDER_COVER =
  'IP44 at least in the open; else under a roof or in a box that drains, off the ground, never in a bag.';

/** In the open: what is plugged together there, and whether it stands rain. */
export const notForRain = powerRule({
  rule: 'power.not-for-rain',
  reads: ({ own, ground, signal }) => ({
    strips: own.strips,
    sockets: own.sockets,
    devices: signal.wiring.devices,
    venueSockets: ground.venue.sockets,
  }),
  *find(all) {
    const unknown: [id: string, rain: Figure][] = [];
    for (const [id, { rain }, label] of outletsNamed(all)) {
      const severity = rain && severityOf(rain);
      if (severity === undefined || !rain) continue;
      if (rain.value === null) unknown.push([id, rain]);
      else
        yield {
          severity,
          subjects: [id],
          title: `${label} does not stand splashing water.`,
          because: [rain],
          advice: UNDER_COVER,
        };
    }
    if (unknown.length > 0)
      yield {
        severity: 'note',
        subjects: unknown.map(([id]) => id),
        title: `Nobody has noted whether ${counted(unknown.length, 'strip or socket', 'strips and sockets')} in the open stand rain.`,
        because: unknown.map(([, rain]) => rain),
        advice: `Read their IP codes. ${UNDER_COVER}`,
      };
  },
  fixes: () => [],
});

/** Sound between devices on two circuits. */
export const earthsApart = powerRule({
  rule: 'power.earths-apart',
  reads: ({ own, signal, links }) => ({ earths: own.earths, devices: signal.wiring.devices, links }),
  *find({ earths, devices, links }) {
    for (const [id, { circuits }] of Object.entries(earths)) {
      const severity = severityOf(circuits);
      if (severity === undefined) continue;
      const { from, to } = links?.[id] ?? {};
      const label = (device: string | undefined): string => devices[device ?? '']?.label ?? 'a device';
      yield {
        severity,
        subjects: [id],
        title: `Sound from ${label(from?.device)} to ${label(to?.device)} joins two circuits: it may hum.`,
        because: [circuits],
        advice:
          'Feed both from one circuit; else an isolating audio transformer or an optical link. Never lift or tape off an earth.',
      };
    }
  },
  fixes: () => [],
});
