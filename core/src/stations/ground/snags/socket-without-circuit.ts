import { inOrder } from '../../../foundations/index.js';
import { groundRule } from '../result.js';
import { changeForEvent } from '../venue-changes.js';
import { inVenue } from '../../../edits.js';

/** A socket whose breaker is unknown cannot be loaded with confidence. */
export const socketWithoutCircuit = groundRule({
  rule: 'ground.socket-without-circuit',
  reads: ({ own }) => ({ sockets: own.venue.sockets, circuits: own.venue.circuits }),
  *find({ sockets, circuits }) {
    for (const [id, { label, circuit = '' }] of Object.entries(sockets ?? {})) {
      if (circuits?.[circuit]) continue;
      yield {
        severity: 'risk',
        subjects: [id],
        title: `Nobody has noted which breaker feeds the socket “${label}”.`,
        because: [],
        advice: 'Switch breakers off one by one with the caretaker, and note which one feeds it.',
      };
    }
  },
  fixes: (snag, { own: { venue }, sharedVenue, venueChanges }) =>
    inOrder(venue.circuits).map(([circuit, { label }]) => ({
      label: `It is on ${label}`,
      changes: [
        {
          document: 'plan',
          patch: changeForEvent(
            sharedVenue,
            venueChanges,
            inVenue().put('sockets', snag.subjects[0] ?? '', 'circuit', circuit).patch,
          ),
        },
      ],
    })),
});
