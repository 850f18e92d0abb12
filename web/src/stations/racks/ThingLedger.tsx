import { Suspense } from 'react';
import { ACROSS_WORDS, placeChosen, traysFor, type Across, type RackResult } from '@idle-satchel/core';
import { ChoiceField, FlagField } from '../../ledger/ChoiceField.js';
import { FigureRows, Heading } from '../../ledger/Ledger.js';
import { useOpenEvent, usePlan } from '../../store/hooks.js';
import { fetched } from '../../ui/fetched.js';

const KeptWith = fetched(() => import('../devices/KeptWith.js'));

/** One thing of a rack: where it is held, and every figure of it. */
export default function ThingLedger({ rackId, rack, id }: { rackId: string; rack: RackResult; id: string }) {
  const { store, ui } = useOpenEvent();
  const device = usePlan(plan => plan.devices?.[id]);
  const item = rack.items[id];
  if (!item) return null;
  const units = typeof rack.have.value === 'number' ? rack.have.value : 0;
  const choose = (at: Parameters<typeof placeChosen>[2]): void =>
    store.editPlan(`Mount ${item.label}`, plan =>
      plan.put('devices', id, 'place', placeChosen(rackId, item, at)),
    );
  const set = (field: 'rear' | 'fixed' | 'lid' | 'plate', on: boolean): void =>
    store.editPlan(`Mount ${item.label}`, plan => plan.set('devices', id, 'place', field, on || undefined));
  const at =
    item.unit === undefined ? (item.how === 'tray' ? `on ${item.carrier ?? ''}` : '') : `unit ${item.unit}`;
  return (
    <>
      <p className="pt-2">
        <button className="link" onClick={() => ui.select(rackId)}>
          ← {rack.label}
        </button>
      </p>
      <Heading
        about={item.label}
        right={
          item.how === 'within' ? undefined : (
            <select
              className="field text-ink"
              aria-label={`Unit of ${item.label}`}
              value={at}
              onChange={event => {
                const [how = '', where = ''] = event.target.value.split(' ');
                choose(how === 'on' ? { on: where } : how === 'unit' ? { unit: Number(where) } : {});
              }}
            >
              <option value="">off the rails</option>
              {Array.from({ length: units }, (_, i) => (
                <option key={i} value={`unit ${i + 1}`}>
                  unit {i + 1}
                </option>
              ))}
              {traysFor(rack, id).map(([key, { label }]) => (
                <option key={key} value={`on ${key}`}>
                  on {label}
                </option>
              ))}
            </select>
          )
        }
      >
        {item.units} U
      </Heading>
      <p className="text-faint">{item.kindLabel}</p>
      {item.unit !== undefined && (
        <FlagField label="On the rear rails" value={item.rear} onCommit={on => set('rear', on)} />
      )}
      {item.unit !== undefined && item.narrow && (
        <ChoiceField<Across>
          label="Across, seen from the front"
          value={item.across ?? 'left'}
          options={Object.entries(ACROSS_WORDS) as [Across, string][]}
          onCommit={across =>
            store.editPlan(`Mount ${item.label}`, plan => plan.set('devices', id, 'place', 'across', across))
          }
        />
      )}
      {item.unit !== undefined && item.onShelf && (
        <FlagField
          label="Held by a plate with a cut-out"
          value={item.plate}
          onCommit={on => set('plate', on)}
        />
      )}
      {(item.how === 'loose' || item.how === 'fixed') && (
        <FlagField
          label="Fastened inside, off the rails"
          value={item.how === 'fixed'}
          onCommit={on => set('fixed', on)}
        />
      )}
      {(item.how === 'loose' || item.how === 'lid') && (
        <FlagField label="Mounted in the lid" value={item.how === 'lid'} onCommit={on => set('lid', on)} />
      )}
      <FigureRows of={item} />
      {item.unit !== undefined && <WhenArranged rack={rack} id={id} label={item.label} />}
      <Suspense>{device && <KeptWith id={id} device={device} />}</Suspense>
    </>
  );
}

/** What the search for better orders keeps to. */
function WhenArranged({ rack, id, label }: { rack: RackResult; id: string; label: string }) {
  const { store } = useOpenEvent();
  const stays = usePlan(plan => plan.devices?.[id]?.stays === true);
  const beside = usePlan(plan => plan.devices?.[id]?.beside);
  const others = Object.entries(rack.items).filter(([key, { unit }]) => key !== id && unit !== undefined);
  return (
    <>
      <Heading>When the rack is arranged</Heading>
      <FlagField
        label="It stays at its unit"
        value={stays}
        onCommit={on =>
          store.editPlan(`Keep ${label}`, plan => plan.set('devices', id, 'stays', on || undefined))
        }
      />
      <ChoiceField<string>
        label="It must touch"
        none="nothing"
        value={beside !== undefined && rack.items[beside] ? beside : undefined}
        options={others.map(([key, each]) => [key, each.label] as const)}
        onCommit={other =>
          store.editPlan(`Keep ${label} beside`, plan => plan.set('devices', id, 'beside', other))
        }
      />
    </>
  );
}
