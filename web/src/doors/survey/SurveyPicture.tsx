import { boundsOf, inOrder, px, type Reading, type Venue } from '@idle-satchel/core';
import { GroundLayer } from '../../bench/GroundLayer.js';
import { Hatches } from '../../bench/Hatches.js';
import { SocketSign } from '../../bench/SocketsLayer.js';
import { useGroundNames } from '../../bench/use-ground-names.js';
import { letteringFor } from '../../bench/viewport.js';

/** Room around the walls for dimension lines and labels, px at a lettering of 1. */
const MARGIN = 70;
/** About the room that the picture has on the page, px: letters are as large there whatever is surveyed. */
const PAGE = { width: 800, height: 700 };

/** The venue as far as it is surveyed, drawn to scale while the numbers are typed. */
export function SurveyPicture({ venue, reading }: { venue: Venue; reading: Reading }) {
  const { min, max } = boundsOf(venue.outline);
  const [width, height] = [px(max[0] - min[0]), px(max[1] - min[1])];
  const lettering = letteringFor(venue.outline, PAGE);
  const names = useGroundNames({ venue, reading, lettering, lit: true });
  const margin = MARGIN * lettering;
  const box = [px(min[0]) - margin, px(min[1]) - margin, width + 2 * margin, height + 2 * margin];
  return (
    <svg
      className="plan w-full h-full"
      viewBox={box.join(' ')}
      role="img"
      aria-label={`Plan of ${venue.name} as surveyed so far`}
    >
      <Hatches />
      <GroundLayer venue={venue} reading={reading} lettering={lettering} names={names} />
      {inOrder(venue.sockets).map(([id, { at }]) => (
        <SocketSign key={id} at={at} lettering={lettering} on={false} />
      ))}
    </svg>
  );
}
