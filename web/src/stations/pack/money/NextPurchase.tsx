import { counted, showMoney } from '@idle-satchel/core';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { call, wordsOf } from '../../../api/client.js';
import { useReading, useStore } from '../../../store/hooks.js';

/** What one more would help all coming events most for its money. */
export function NextPurchase() {
  const store = useStore();
  const { currency, dates } = useReading();
  const [wanted, setWanted] = useState(false);
  const found = useQuery({
    queryKey: ['next purchase'],
    queryFn: async () => {
      await store.sent();
      return call('GET /events/next-purchase', {});
    },
    enabled: wanted,
    staleTime: 0,
  });
  return (
    <section aria-label="Next purchase" className="mb-6">
      <h2>Next purchase</h2>
      <p className="py-1">
        <button
          className="button"
          disabled={found.isFetching}
          onClick={() => {
            setWanted(true);
            if (wanted) void found.refetch();
          }}
        >
          {found.isFetching ? 'Trying each …' : 'What helps all coming events most'}
        </button>
      </p>
      {found.error && (
        <p role="alert" className="text-stop">
          {wordsOf(found.error)}
        </p>
      )}
      {found.data && found.data.purchases.length === 0 && (
        <p>
          Nothing that {counted(found.data.events, 'coming event', 'coming events')} must come by would take a
          snag away or cover a shot more.
        </p>
      )}
      {found.data && found.data.purchases.length > 0 && (
        <table>
          <thead>
            <tr>
              <th>What</th>
              <th className="!text-right">Costs</th>
              <th className="!text-right">Stops less</th>
              <th className="!text-right">Risks less</th>
              <th className="!text-right">Shots more</th>
              <th>Helps</th>
            </tr>
          </thead>
          <tbody>
            {found.data.purchases.map(({ purchase: { kind, label, price, stops, risks, shots, events } }) => (
              <tr key={kind}>
                <td>{label}</td>
                <td className="text-right">
                  {price === null ? 'not known' : showMoney(price, currency, dates)}
                </td>
                <td className="text-right">{stops}</td>
                <td className="text-right">{risks}</td>
                <td className="text-right">{shots}</td>
                <td className="text-faint">{events.join(', ')}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}
