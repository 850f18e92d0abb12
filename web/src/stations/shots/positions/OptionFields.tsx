import { LENS_HEIGHTS, type PlacementOptions, type Round } from '@idle-satchel/core/searches';
import { showText, WORKED_WORDS } from '@idle-satchel/core';
import { NumberField } from '../../../ledger/NumberField.js';
import { useReading, useResult } from '../../../store/hooks.js';
import { change } from './positions.js';

/** What the search may do: which cameras it moves, how many, how high, and where it must or must not. */
export function OptionFields({
  options,
  worked,
}: {
  options: PlacementOptions;
  worked: (camera: string) => keyof typeof WORKED_WORDS;
}) {
  const { cameras } = useResult('shots');
  const reading = useReading();
  const changed = (part: Partial<PlacementOptions>): void => change({ options: { ...options, ...part } });
  const toggled = <T,>(list: readonly T[], each: T): T[] =>
    list.includes(each) ? list.filter(other => other !== each) : [...list, each];
  const rounds = (['refused', 'insisted'] as const).flatMap(kind =>
    options[kind].map(round => ({ kind, round })),
  );
  const words = ({ kind, round: { at, radius } }: { kind: 'refused' | 'insisted'; round: Round }): string =>
    `${kind === 'refused' ? 'None' : 'One'} within ${showText(radius, 'm', reading)} of ${showText(at[0], 'm', reading)} east, ${showText(at[1], 'm', reading)} south`;
  return (
    <>
      <fieldset className="pt-1">
        <legend className="text-faint">May be moved; the others stay and serve from where they are</legend>
        {Object.entries(cameras).map(([id, { label }]) => (
          <label key={id} className="mr-4 inline-block">
            <input
              type="checkbox"
              checked={options.cameras.includes(id)}
              onChange={() => changed({ cameras: toggled(options.cameras, id) })}
            />{' '}
            {label} <span className="text-faint">{WORKED_WORDS[worked(id)]}</span>
          </label>
        ))}
      </fieldset>
      <fieldset>
        <legend className="text-faint">Heights of the lens that the supports allow</legend>
        {LENS_HEIGHTS.map(height => (
          <label key={height} className="mr-4 inline-block">
            <input
              type="checkbox"
              checked={options.heights.includes(height)}
              onChange={() => changed({ heights: toggled(options.heights, height) })}
            />{' '}
            {showText(height, 'm', reading)}
          </label>
        ))}
      </fieldset>
      <NumberField
        label="At most this many cameras"
        unit="pieces"
        whole
        value={options.count}
        min={1}
        max={8}
        onCommit={value => value !== undefined && changed({ count: value })}
      />
      <label className="block py-1">
        <input
          type="checkbox"
          checked={options.anywhere}
          onChange={() => changed({ anywhere: !options.anywhere })}
        />{' '}
        also outside the areas that the survey marks for cameras
      </label>
      {rounds.map(({ kind, round }, i) => (
        <p key={i} className="flex justify-between text-[13px]">
          <span>{words({ kind, round })}</span>
          <button
            className="link"
            aria-label={`Allow again: ${words({ kind, round })}`}
            onClick={() => changed({ [kind]: options[kind].filter(each => each !== round) })}
          >
            Allow again
          </button>
        </p>
      ))}
    </>
  );
}
