import { FigureRow, FigureRows, Heading } from '../../ledger/Ledger.js';
import { useResult } from '../../store/hooks.js';
import { WayInFields } from '../ground/WayInFields.js';

/** From the vehicle to the room: how many trips and minutes, and whether one person carries it all. */
export default function Carrying() {
  const { pieces, weight, trips, each, work, atOnce, far } = useResult('pack').carried;
  return (
    <section aria-label="Carrying in">
      <Heading>Carrying in</Heading>
      <FigureRows of={{ pieces, weight, trips, each }} />
      <FigureRow figure={work} unit="of one person" />
      <FigureRows of={{ atOnce, far }} />
      <details className="py-1">
        <summary className="cursor-pointer">The way in, of the venue</summary>
        <WayInFields />
      </details>
    </section>
  );
}
