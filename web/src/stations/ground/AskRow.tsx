import { inOrder, placing, showText, type Ask, type Point, type Unmeasured } from '@idle-satchel/core';
import { useReading, useResult, useStore } from '../../store/hooks.js';
import { STATION_WORDS } from '../../ui/station-words.js';
import { DimensionField } from './DimensionField.js';
import { FactField } from './FactField.js';
import { WayInFields } from './WayInFields.js';
import { FieldOfPart } from './FieldOfPart.js';
import { fieldsOfPart } from './part-fields.js';

/**
 * One thing that is not known, the field that answers it, and what cannot be sure until then. `here` is where somebody
 * stands; `onMeasure` leads to where uploads and signal are entered.
 */
export function AskRow({
  item: { label, doubt, station, ask },
  here,
  onMeasure,
}: {
  item: Unmeasured;
  here?: Point | undefined;
  onMeasure?: (what: 'upload' | 'mobile') => void;
}) {
  return (
    <div className="py-1" data-asked={label}>
      <Answer ask={ask} label={label} here={here} onMeasure={onMeasure} />
      <p className="text-faint text-[13px]">
        Uncertain until then: {doubt} ({STATION_WORDS[station]}).
      </p>
    </div>
  );
}

function Answer({
  ask,
  label,
  here,
  onMeasure,
}: {
  ask: Ask;
  label: string;
  here: Point | undefined;
  onMeasure: ((what: 'upload' | 'mobile') => void) | undefined;
}) {
  const { venue } = useResult('ground');
  const words = label.charAt(0).toUpperCase() + label.slice(1);
  switch (ask.kind) {
    case 'field': {
      const field = fieldsOfPart(ask.part).find(({ name }) => name === ask.name);
      return field ? <FieldOfPart parts={[ask.part]} field={field} label={words} /> : null;
    }
    case 'fact':
      return <FactField name={ask.name} label={words} />;
    case 'way in':
      return <WayInFields />;
    case 'dimension': {
      const dimension = venue.dimensions?.[ask.id];
      return (
        <>
          {dimension && <DimensionField id={ask.id} dimension={dimension} label={`${words}, guessed`} />}
          <Right label={label} guess={ask.guess} />
        </>
      );
    }
    case 'place':
      return <Place ask={ask} label={label} words={words} here={here} />;
    case 'confirm':
      return (
        <p className="flex flex-wrap gap-x-3">
          <span className="grow">{words}</span>
          <Right label={label} guess={ask.guess} />
        </p>
      );
    default:
      return (
        <p className="flex flex-wrap gap-x-3">
          <span className="grow">{words}</span>
          {onMeasure && (
            <button className="link big" onClick={() => onMeasure(ask.kind)}>
              Measure it
            </button>
          )}
        </p>
      );
  }
}

/** A place that was guessed: right, or where somebody stands. */
function Place({
  ask: { part, guess },
  label,
  words,
  here,
}: {
  ask: Extract<Ask, { kind: 'place' }>;
  label: string;
  words: string;
  here: Point | undefined;
}) {
  const store = useStore();
  const reading = useReading();
  const [at] = part.points;
  return (
    <p className="flex flex-wrap gap-x-3">
      <span className="grow">
        {words}
        {at && (
          <span className="text-faint">
            {' '}
            · {showText(at[0], 'm', reading)} east, {showText(at[1], 'm', reading)} south
          </span>
        )}
      </span>
      {here && (
        <button
          className="link big"
          onClick={() =>
            store.editVenue(`Place ${part.label}`, [{ op: 'replace', ...placing(part, [here]) }])
          }
        >
          It is where I stand
        </button>
      )}
      <Right label={label} guess={guess} />
    </p>
  );
}

function Right({ label, guess }: { label: string; guess: string }) {
  const store = useStore();
  const { venue } = useResult('ground');
  if (!inOrder(venue.guesses).some(([id]) => id === guess)) return null;
  return (
    <button
      className="link big"
      aria-label={`${label} is right`}
      onClick={() => store.editVenue(`Confirm ${label}`, [{ op: 'remove', path: `/guesses/${guess}` }])}
    >
      It is right
    </button>
  );
}
