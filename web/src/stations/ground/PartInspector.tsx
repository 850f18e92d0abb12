import {
  distance,
  fieldValue,
  OUTLINE,
  partSides,
  SHORTEST_SIDE,
  sideMeasured,
  cornerMoved,
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
import { fieldsOfPart } from './part-fields.js';
import { PhotoField } from './PhotoField.js';
import { PartActions } from './PartActions.js';

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
      {!many && (
        <>
          {part.path !== OUTLINE && <NameField key={part.path} part={part} />}
          <Fields part={part} />
          {part.map === 'notes' && <NotePhoto part={part} />}
          <Places part={part} />
        </>
      )}
    </section>
  );
}

function NameField({ part }: { part: Part }) {
  const edit = useFieldEdit(part);
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

function Fields({ part }: { part: Part }) {
  return fieldsOfPart(part).map(field =>
    field.name === 'rake/towards' && part.record.rake === undefined ? null : (
      <FieldOfPart key={`${part.path} ${field.name}`} part={part} field={field} />
    ),
  );
}

/** The photo beside a note: seen, taken, taken anew. */
function NotePhoto({ part }: { part: Part }) {
  const edit = useFieldEdit(part);
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
  const move = (index: number, to: Point): void =>
    store.editVenue(`Move ${label}`, cornerMoved(part, index, to));
  const [only] = points;
  if (points.length === 1 && only) {
    return (
      <>
        <LengthField label="East of zero" value={only[0]} onCommit={x => move(0, [x, only[1]])} />
        <LengthField label="South of zero" value={only[1]} onCommit={y => move(0, [only[0], y])} />
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
          label={`${side + 1} · ${towards(a, b)}`}
          value={distance(a, b)}
          min={SHORTEST_SIDE}
          max={300}
          onCommit={metres => store.editVenue(`Measure ${label}`, sideMeasured(part, side, metres))}
        />
      ))}
      <h3>First corner</h3>
      {only && (
        <>
          <LengthField label="East of zero" value={only[0]} onCommit={x => move(0, [x, only[1]])} />
          <LengthField label="South of zero" value={only[1]} onCommit={y => move(0, [only[0], y])} />
        </>
      )}
    </>
  );
}

/** Which way a side runs, in a word. */
function towards([ax, ay]: Point, [bx, by]: Point): string {
  const names = ['east', 'south-east', 'south', 'south-west', 'west', 'north-west', 'north', 'north-east'];
  const eighth = Math.round((Math.atan2(by - ay, bx - ax) / Math.PI) * 4);
  return names[(eighth + 8) % 8] ?? '';
}
