import { severityOf } from '../../../foundations/index.js';
import { fix, inPlan } from '../../../edits.js';
import { eachRackRule } from '../result.js';

/** A drawer that tips its rack when it is pulled out. */
export const drawerTips = eachRackRule({
  rule: 'racks.drawer-tips',
  reads: () => ({}),
  *find(rackId, rack) {
    for (const [id, { label, openTip }] of Object.entries(rack.items)) {
      const severity = openTip && severityOf(openTip);
      if (!severity) continue;
      const falls = severity === 'stop' ? 'falls over' : 'hardly stands';
      yield {
        severity,
        subjects: [id, rackId],
        title: `${rack.label} ${falls} when ${label} is pulled out.`,
        because: [openTip, rack.balance.mass],
        advice: 'Chock or strap the rack before anybody opens it.',
      };
    }
  },
  *fixes({ subjects: [id = '', rackId = ''] }, { own }) {
    for (const [key, { label, carrier }] of Object.entries(own.racks[rackId]?.items ?? {})) {
      if (carrier === id)
        yield fix(`Carry ${label} loose in the case`, inPlan().drop('devices', key, 'place', 'on'));
    }
    yield fix('Carry it loose, outside the rails', inPlan().drop('devices', id, 'place', 'unit'));
  },
});
