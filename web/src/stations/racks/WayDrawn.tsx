import type { PlacedThing } from '@idle-satchel/core/searches';

/** One way to arrange a rack, small: front and rear rails unit by unit, what moves underlined. */
export function WayDrawn({ units, places }: { units: number; places: readonly PlacedThing[] }) {
  const sides = places.some(({ rear }) => rear) ? [false, true] : [false];
  return (
    <div className="flex gap-2">
      {sides.map(rear => (
        <figure key={String(rear)} className="m-0">
          <figcaption className="text-faint">{rear ? 'Rear' : 'Front'}</figcaption>
          <ol
            className="grid gap-px p-px border border-rule w-28"
            style={{ gridTemplateRows: `repeat(${units}, 1.1rem)`, gridTemplateColumns: 'repeat(6, 1fr)' }}
          >
            {places
              .filter(each => each.rear === rear)
              .map(({ id, label, unit, units: high, sixths: [from, to], moves }) => (
                <li
                  key={id}
                  title={`${label}: unit ${unit}`}
                  className={`border border-rule px-1 truncate leading-4 ${moves ? 'underline' : 'text-faint'}`}
                  style={{
                    gridRow: `${units - unit - high + 2} / span ${high}`,
                    gridColumn: `${from + 1} / ${to + 1}`,
                  }}
                >
                  {label}
                </li>
              ))}
          </ol>
        </figure>
      ))}
    </div>
  );
}
