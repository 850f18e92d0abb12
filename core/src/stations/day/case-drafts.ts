/** Checks of cases and vehicles: what is shut, clean, lashed, off for travel and on again, and loaded. */
import type { Kinds } from '../../documents/index.js';
import { inOrder, type MapOf } from '../../foundations/index.js';
import type { Equipment } from '../equipment.js';
import type { VehicleResult } from '../pack/index.js';
import { draft, type Drafts } from './draft.js';
import { newestSettings } from './settings.js';

/** What comes off for travel goes on again, what arrives is looked at, settings are loaded and confirmed, knobs set. */
export const keptDrafts = ({ devices }: { readonly devices: MapOf<Equipment> | undefined }): Drafts =>
  inOrder(devices).flatMap(([id, { label, comesOff, place, afterTransport, settings, knobs }]) => {
    const on = devices?.[place?.inside ?? place?.on ?? '']?.label;
    const of = on === undefined ? label : `${label} of ${on}`;
    return [
      ...(comesOff === true
        ? [
            draft(`back-on/${id}`, {
              moment: 'Rig',
              label: `${of} is on again`,
              detail: 'it came off for travel',
            }),
            draft(`off/${id}`, {
              moment: 'Count back in',
              label: `${of} is off`,
              detail: 'it travels by itself',
            }),
          ]
        : []),
      ...inOrder(afterTransport).map(([key, { look }]) =>
        draft(`arrived/${id}/${key}`, {
          moment: 'Rig',
          label: `${label}: ${look}`,
          detail: 'after its journey',
        }),
      ),
      ...newestSettings(settings).map(({ label: what, version, name }) =>
        draft(`settings/${id}/${what}/${version}`, {
          moment: 'Plug in',
          label: `${label} has “${what}”, version ${version}, loaded and confirmed`,
          detail: `${name}; into its spare too`,
        }),
      ),
      ...inOrder(knobs).map(([key, { knob, to }]) =>
        // Another value is another check: who ticked the old one has not set this.
        draft(`knob/${id}/${key}/${to}`, { moment: 'Line check', label: `${label}: ${knob} at ${to}` }),
      ),
    ];
  });

/** What must be shut before a case is moved, there and back: drawers, and lids that something is mounted in. */
export const lidDrafts = ({
  devices,
  kinds,
}: {
  readonly devices: MapOf<Equipment> | undefined;
  readonly kinds: Kinds;
}): Drafts =>
  (['Pack out', 'Count back in'] as const).flatMap(moment =>
    inOrder(devices).flatMap(([id, { label, kind, place }]) => {
      const inside = devices?.[place?.inside ?? '']?.label;
      if (inside === undefined) return [];
      if (kinds.kinds[kind]?.rack?.fitting === 'drawer')
        return [
          draft(`latch/${id}`, {
            moment,
            label: `${label} in ${inside} is shut and latched`,
            detail: 'before the case is moved',
          }),
        ];
      if (!place?.lid) return [];
      return [
        draft(`lid/${id}`, {
          moment,
          label: `The lid of ${inside} with ${label} is down and latched`,
          detail: 'held with two hands, none under it',
        }),
      ];
    }),
  );

/** Filters full of dust let too little air through, and nothing shows it. */
export const filterDrafts = ({
  devices,
  kinds,
}: {
  readonly devices: MapOf<Equipment> | undefined;
  readonly kinds: Kinds;
}): Drafts =>
  inOrder(devices).flatMap(([id, { label, kind, place }]) => {
    const inside = devices?.[place?.inside ?? '']?.label;
    return kinds.kinds[kind]?.air?.filter === true
      ? [
          draft(`filter/${id}`, {
            moment: 'Pack out',
            label: `The dust filter of ${label} is clean and dry`,
            ...(inside !== undefined && { detail: inside }),
          }),
        ]
      : [];
  });

/** What is loaded is lashed before anybody drives, there and back. */
export const lashDrafts = ({
  vehicles,
}: {
  readonly vehicles: Readonly<Record<string, Pick<VehicleResult, 'label' | 'pieces'>>>;
}): Drafts =>
  (['Pack out', 'Count back in'] as const).flatMap(moment =>
    Object.entries(vehicles).flatMap(([id, { label, pieces }]) =>
      Object.keys(pieces).length === 0
        ? []
        : [
            draft(`lash/${id}`, {
              moment,
              label: `The load of ${label} is lashed, nothing loose above the seat backs`,
              detail: 'as on the load card, by whoever drives',
            }),
          ],
    ),
  );
