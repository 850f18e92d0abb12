import {
  distance,
  fieldValue,
  OUTLINE,
  partSides,
  SHORTEST_SIDE,
  sideMeasured,
  sideNames,
  partPut,
  type Part,
  type Point,
} from '@idle-satchel/core';
import { X } from 'lucide-react';
import { kindWords } from '../../bench/drafting/part-words.js';
import { Heading } from '../../ledger/Ledger.js';
import { LengthField } from '../../ledger/LengthField.js';
import { TypedField } from '../../ledger/TypedField.js';
import { useOpenEvent } from '../../store/hooks.js';
import { FieldOfPart, useFieldEdit } from './FieldOfPart.js';
import { NotePicture } from './NotePicture.js';
import { fieldsOfParts } from './part-fields.js';
import { PhotoField } from './PhotoField.js';
import { PartActions } from './PartActions.js';
import { RowsField } from './RowsField.js';

/** What is picked on the ground: its name, its measures, everything known of it, and what can be done with it. */
export default function PartInspector({ parts }: { parts: readonly Part[] }) {
  const { ui } = useOpenEvent();
  const [part] = parts;
  if (!part) return null;
  const many = parts.length > 1;
  return (
    <section aria-label={many ? 'Picked things' : `Picked: ${part.label}`}>
      <Heading
        about={many ? `${parts.length} things` : part.label}
        right={
          <button
            className="text-faint hover:text-ink"
            aria-label="Put it down"
            onClick={() => ui.select(undefined)}
          >
            <X size={16} aria-hidden />
          </button>
        }
      >
        {many ? 'Picked' : kindWords(part)}
      </Heading>
      <PartActions parts={parts} />
      {!many && part.path !== OUTLINE && <NameField key={part.path} part={part} />}
      <Fields parts={parts} />
      {!many && (
        <>
          {part.map === 'notes' && <NotePhoto part={part} />}
          <Places part={part} />
        </>
      )}
    </section>
  );
}

function NameField({ part }: { part: Part }) {
  const edit = useFieldEdit([part]);
  return (
    <TypedField<string>
      label="Name"
      wide
      shown={part.label}
      read={text =>
        text.length > 0 && text.length <= 60 ? { value: text } : { fault: '1 to 60 characters' }
      }
      onCommit={value => edit('label', 'name', value)}
    />
  );
}

/** What all that is picked has in common, to be filled in once. */
function Fields({ parts }: { parts: readonly Part[] }) {
  const key = parts.map(({ path }) => path).join(' ');
  const raked = parts.every(({ record }) => record.rake !== undefined);
  return (
    <>
      {parts.every(({ record }) => record.kind === 'seating') && <RowsField parts={parts} />}
      {fieldsOfParts(parts).map(field =>
        field.name === 'rake/towards' && !raked ? null : (
          <FieldOfPart key={`${key} ${field.name}`} parts={parts} field={field} />
        ),
      )}
    </>
  );
}

/** The photo beside a note: seen, taken, taken anew. */
function NotePhoto({ part }: { part: Part }) {
  const edit = useFieldEdit([part]);
  const picture = fieldValue(part, 'picture') as string | undefined;
  return (
    <div className="py-1">
      {picture !== undefined && <NotePicture id={picture} />}
      <PhotoField
        words={picture === undefined ? 'Add a photo' : 'Another photo'}
        onPicture={id => edit('picture', 'photo', id)}
      />
    </div>
  );
}

/** Most corners that are listed one by one. */
const MOST_CORNERS = 16;

/** Where it is: its place, or its sides and corners, each to be typed. */
function Places({ part }: { part: Part }) {
  const { store } = useOpenEvent();
  const { points, label } = part;
  const put = (to: Point): void => store.editVenue(`Move ${label}`, partPut(part, to));
  const [only] = points;
  const names = sideNames(part);
  if (points.length === 1 && only) {
    return (
      <>
        <LengthField label="East of zero" value={only[0]} onCommit={x => put([x, only[1]])} />
        <LengthField label="South of zero" value={only[1]} onCommit={y => put([only[0], y])} />
      </>
    );
  }
  if (points.length > MOST_CORNERS) {
    return <p className="py-1 text-faint">{points.length} corners; pull them on the plan.</p>;
  }
  return (
    <>
      <h3>Sides</h3>
      {partSides(part).map(([a, b], side) => (
        <LengthField
          key={`side ${side}`}
          label={names[side] ?? ''}
          value={distance(a, b)}
          min={SHORTEST_SIDE}
          max={300}
          onCommit={metres => store.editVenue(`Measure ${label}`, sideMeasured(part, side, metres))}
        />
      ))}
      <h3>First corner, and the rest with it</h3>
      {only && (
        <>
          <LengthField label="East of zero" value={only[0]} onCommit={x => put([x, only[1]])} />
          <LengthField label="South of zero" value={only[1]} onCommit={y => put([only[0], y])} />
        </>
      )}
    </>
  );
}
