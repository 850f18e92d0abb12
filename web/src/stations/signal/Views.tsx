import { FigureRow, Heading } from '../../ledger/Ledger.js';
import { useFlags } from '../../ledger/flags.js';
import { useResult } from '../../store/hooks.js';

/** What everybody who takes part sees to do their part. */
export function Views() {
  const { views } = useResult('signal');
  const flag = useFlags();
  const all = Object.entries(views);
  if (all.length === 0) return null;
  return (
    <section aria-label="Who sees what">
      <Heading>Who sees what</Heading>
      {all.map(([key, { label, sees, tile }]) => (
        <div key={key}>
          <FigureRow
            label={label.charAt(0).toUpperCase() + label.slice(1)}
            figure={sees}
            path={`signal.views.${key}.sees`}
            flag={flag(`signal.views.${key}.sees`)}
          />
          {tile && (
            <FigureRow
              label="Each picture there"
              figure={tile}
              path={`signal.views.${key}.tile`}
              flag={flag(`signal.views.${key}.tile`)}
              unit="wide"
            />
          )}
        </div>
      ))}
    </section>
  );
}
