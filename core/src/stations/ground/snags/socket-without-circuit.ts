import { inOrder, type Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import type { GroundReads, GroundResult } from '../index.js';
import { changeForEvent } from '../venue-changes.js';

/** A socket whose breaker is unknown cannot be loaded with confidence. */
export const socketWithoutCircuit: Rule<Seen<GroundReads, GroundResult>> = {
  rule: 'ground.socket-without-circuit',
  station: 'ground',
  find: ({ own: { venue } }) =>
    Object.entries(venue.sockets ?? {}).flatMap(([id, socket]) =>
      socket.circuit && venue.circuits?.[socket.circuit]
        ? []
        : [
            {
              severity: 'risk',
              subjects: [id],
              title: `Nobody has noted which breaker feeds the socket “${socket.label}”.`,
              because: [],
              advice: 'Switch breakers off one by one with the caretaker, and note which one feeds it.',
            },
          ],
    ),
  fixes: (snag, { own: { venue }, sharedVenue, venueChanges }) =>
    inOrder(venue.circuits).map(([circuit, { label }]) => ({
      label: `It is on ${label}`,
      changes: [
        {
          document: 'plan',
          patch: changeForEvent(sharedVenue, venueChanges, [
            { op: 'add', path: `/sockets/${snag.subjects[0] ?? ''}/circuit`, value: circuit },
          ]),
        },
      ],
    })),
};
