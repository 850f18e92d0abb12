import { useRef } from 'react';
import { boundsOf, inOrder, px, type Reading, type Venue } from '@idle-satchel/core';
import { GroundLayer } from '../../bench/GroundLayer.js';
import { Hatches } from '../../bench/Hatches.js';
import { SocketSign } from '../../bench/SocketsLayer.js';
import { useGroundNames } from '../../bench/use-ground-names.js';
import { useSize } from '../../bench/use-size.js';

/** Room around the walls for dimension lines and labels, px, and the least part of the picture that the walls get. */
const MARGIN = 70;
const WALLS = 0.64;

/** The venue as far as it is surveyed, drawn to scale while the numbers are typed. */
export function SurveyPicture({ venue, reading }: { venue: Venue; reading: Reading }) {
  const { min, max } = boundsOf(venue.outline);
  const [width, height] = [px(max[0] - min[0]), px(max[1] - min[1])];
  const frame = useRef<HTMLDivElement>(null);
  const room = useSize(frame);
  const within = (each: number): number => Math.max(each * WALLS, each - 2 * MARGIN, 1);
  // So many units of the picture to a pixel: letters are read at one size, on a desk and on a phone.
  const lettering = Math.max(width / within(room.width), height / within(room.height));
  const names = useGroundNames({ venue, reading, lettering, lit: true });
  const [across, down] = [room.width * lettering, room.height * lettering];
  const box = [px(min[0]) - (across - width) / 2, px(min[1]) - (down - height) / 2, across, down];
  return (
    <div ref={frame} className="w-full h-full">
      {room.width > 0 && (
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
      )}
    </div>
  );
}
