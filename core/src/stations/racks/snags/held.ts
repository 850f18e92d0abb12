import { inWords, listed, numberOf } from '../../../foundations/index.js';
import { fix, inPlan } from '../../../edits.js';
import { eachRackRule } from '../result.js';
import { HELD_WELL, OPENING } from '../../in-rack/units.js';

/** Deep or heavy things that hang on their ears only: they bend, and tear out on the road. */
export const earsOnly = eachRackRule({
  rule: 'racks.ears-only',
  reads: ({ kinds }) => ({ kinds: kinds.kinds }),
  *find(rackId, rack, { kinds }) {
    for (const [id, { label, kind, how, plate, weight, room }] of Object.entries(rack.items)) {
      const { rack: size, size: body, weight: kg = 0 } = kinds[kind] ?? {};
      const hangs = how === 'rails' && (plate || size?.held === 'its ears');
      const deep = size?.depth ?? body?.depth ?? 0;
      if (!hangs || (deep <= HELD_WELL.depth && kg <= HELD_WELL.weight)) continue;
      yield {
        severity: 'risk',
        subjects: [id, rackId],
        title: plate
          ? `${label} hangs in its plate only in ${rack.label}, and is deep or heavy.`
          : `${label} hangs on its ears only in ${rack.label}, and is deep or heavy.`,
        because: [weight, ...(room ? [room] : [])],
        advice: 'Support it at the rear, or put a tray under it, before it goes on the road.',
      };
    }
  },
});

/** Rear rails that are not there, and screws that do not fit the rails. */
export const railsUnfit = eachRackRule({
  rule: 'racks.rails-unfit',
  reads: ({ kinds, units }) => ({ kinds: kinds.kinds, units }),
  *find(rackId, rack, { kinds, units }) {
    const space = kinds[rack.kind]?.rackCase;
    const mounted = Object.entries(rack.items).filter(([, { how }]) => how === 'rails');
    if (space?.frontOnly) {
      for (const [id, { label, rear, weight }] of mounted) {
        if (!rear) continue;
        yield {
          severity: 'stop',
          subjects: [id, rackId],
          title: `${label} is put on the rear rails of ${rack.label}, which has none.`,
          because: [weight],
        };
      }
    }
    for (const [id, { label, kind, onShelf, weight }] of mounted) {
      const wide = kinds[kind]?.size?.width ?? 0;
      if (!onShelf || wide <= OPENING) continue;
      yield {
        severity: 'stop',
        subjects: [id, rackId],
        title: `${label} is wider than the rails of ${rack.label} leave between them, which is ${inWords(OPENING, 'm', units)}.`,
        because: [weight],
      };
    }
    const others = mounted.filter(([, { kind }]) => {
      const screws = kinds[kind]?.rack?.screws;
      return screws !== undefined && space?.screws !== undefined && screws !== space.screws;
    });
    if (others.length === 0) return;
    yield {
      severity: 'note',
      subjects: [rackId],
      title: `${rack.label} has screws of ${space?.screws ?? ''}; ${listed(others.map(([, { label }]) => label))} came with others.`,
      because: [rack.used],
      advice: `Pack screws of ${space?.screws ?? ''} for them.`,
    };
  },
  *fixes({ subjects: [id = '', rackId = ''] }, { own }) {
    const rack = own.racks[rackId];
    for (let unit = numberOf(rack?.have) ?? 0; unit >= 1; unit--)
      yield fix(
        `Mount it on the front rails, at unit ${unit}`,
        inPlan().drop('devices', id, 'place', 'rear').put('devices', id, 'place', 'unit', unit),
      );
    yield fix('Carry it loose, outside the rails', inPlan().drop('devices', id, 'place', 'unit'));
  },
});
