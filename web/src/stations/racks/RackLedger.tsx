import { LID_WORDS, type RackResult } from '@idle-satchel/core';
import { Suspense } from 'react';
import { FlagField } from '../../ledger/ChoiceField.js';
import { addressOf } from '../../api/client.js';
import { FileLink } from '../../ledger/FileLink.js';
import { FigureRows, Heading } from '../../ledger/Ledger.js';
import { LengthField } from '../../ledger/LengthField.js';
import { useOpenEvent, usePlan } from '../../store/hooks.js';
import { fetched } from '../../ui/fetched.js';

const KeptWith = fetched(() => import('../devices/KeptWith.js'));

/** A rack as a whole: room, weight, how it stands, the air in it, and how it is used. */
export default function RackLedger({ id, rack }: { id: string; rack: RackResult }) {
  const { store, ui } = useOpenEvent();
  const { rise, inlet, flow, needs, ...rest } = rack.air;
  const device = usePlan(plan => plan.devices?.[id]);
  const {
    saves,
    adds,
    have,
    used,
    spare,
    load,
    loadLeft,
    weight,
    loads,
    balance,
    heat,
    watts,
    passive,
    items,
  } = rack;
  return (
    <>
      <Heading about={rack.label}>Rack</Heading>
      <FigureRows of={{ have, used, spare }} />
      <Heading>Air</Heading>
      <FigureRows of={{ rise, inlet, flow, needs, watts, heat, passive, ...rest }} />
      {(['front', 'rear'] as const).map(face => (
        <FlagField
          key={face}
          label={LID_WORDS[face]}
          value={device?.closed?.includes(face) === true}
          onCommit={on => {
            const rest = (device?.closed ?? []).filter(each => each !== face);
            const closed = on ? [...rest, face] : rest;
            store.editPlan(`Lids of ${rack.label}`, plan =>
              plan.set('devices', id, 'closed', closed.length > 0 ? closed : undefined),
            );
          }}
        />
      ))}
      <FlagField
        label="The sun shines on it"
        value={device?.sunlit === true}
        onCommit={on =>
          store.editPlan(`Sun on ${rack.label}`, plan => plan.set('devices', id, 'sunlit', on || undefined))
        }
      />
      <LengthField
        label="Free behind it as it stands"
        optional
        value={device?.gap}
        min={0}
        max={20}
        onCommit={gap =>
          store.editPlan(`Room behind ${rack.label}`, plan => plan.set('devices', id, 'gap', gap))
        }
      />
      <Heading>Weight</Heading>
      <FigureRows of={{ load, loadLeft, weight, ...loads }} />
      <FigureRows of={balance} />
      <Heading>Wired for good</Heading>
      <FigureRows of={{ saves, adds }} />
      <Heading>In it</Heading>
      <ul>
        {Object.entries(items).map(([key, item]) => (
          <li key={key} className="border-b border-rule py-0.5">
            <button className="link" onClick={() => ui.select(key)}>
              {item.label}
            </button>{' '}
            <span className="text-faint">{item.kindLabel}</span>
          </li>
        ))}
      </ul>
      <Suspense>{device && <KeptWith id={id} device={device} />}</Suspense>
      <p className="mt-3 flex flex-wrap gap-2 items-baseline">
        All racks, to scale:
        {(['pdf', 'svg', 'dxf'] as const).map(ending => (
          <FileLink
            key={ending}
            className="button"
            address={addressOf(`GET /events/:id/racks.${ending}`, { id: store.id })}
          >
            {ending.toUpperCase()}
          </FileLink>
        ))}
      </p>
    </>
  );
}
