import { FigureRow, Heading } from '../../ledger/Ledger.js';
import { useResult } from '../../store/hooks.js';

/** What everybody who takes part sees to do their part. */
export function Views() {
  const { views } = useResult('signal');
  const all = Object.entries(views);
  if (all.length === 0) return null;
  return (
    <section aria-label="Who sees what">
      <Heading>Who sees what</Heading>
      {all.map(([key, { label, sees, tile }]) => (
        <div key={key}>
          <FigureRow label={label.charAt(0).toUpperCase() + label.slice(1)} figure={sees} />
          {tile && <FigureRow figure={tile} unit="wide" />}
        </div>
      ))}
    </section>
  );
}
