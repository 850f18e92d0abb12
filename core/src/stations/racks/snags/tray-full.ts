import { severityOf } from '../../../foundations/index.js';
import { carriesThings } from '../../in-rack/held.js';
import { eachRackRule } from '../result.js';
import { fix, inPlan } from '../../../edits.js';

/** A tray or drawer that is too narrow, or too low, for what is put on it. */
export const trayFull = eachRackRule({
  rule: 'racks.tray-full',
  reads: () => ({}),
  *find(rackId, rack) {
    for (const [id, { label, headroom, beside, carrier }] of Object.entries(rack.items)) {
      const on = rack.items[carrier ?? '']?.label ?? 'its tray';
      if (headroom && severityOf(headroom) !== undefined)
        yield {
          severity: 'stop',
          subjects: [id, rackId],
          title: `${label} is higher than ${on} in ${rack.label} leaves.`,
          because: [headroom],
        };
      if (beside && severityOf(beside) !== undefined)
        yield {
          severity: 'stop',
          subjects: [id, rackId],
          title: `What lies on ${label} in ${rack.label} is wider than it.`,
          because: [beside],
        };
    }
  },
  *fixes(snag, { own }) {
    const [id = '', rackId = ''] = snag.subjects;
    const items = Object.entries(own.racks[rackId]?.items ?? {});
    const moving = items.filter(([key, { carrier }]) => key === id || carrier === id);
    const trays = items.filter(([, { fitting }]) => carriesThings(fitting));
    for (const [key, { label, how }] of moving) {
      if (how !== 'tray') continue;
      for (const [tray, { label: name }] of trays) {
        if (tray !== items.find(([each]) => each === key)?.[1].carrier)
          yield fix(`Put ${label} on ${name}`, inPlan().put('devices', key, 'place', 'on', tray));
      }
      yield fix(`Carry ${label} loose in the case`, inPlan().drop('devices', key, 'place', 'on'));
    }
  },
});
