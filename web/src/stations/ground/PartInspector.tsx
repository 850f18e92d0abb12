import {
  distance,
  fieldSet,
  OUTLINE,
  partSides,
  SHORTEST_SIDE,
  sideMeasured,
  cornerMoved,
  type Json,
  type Part,
  type Point,
} from '@idle-satchel/core';
import { X } from 'lucide-react';
import { kindWords } from '../../bench/drafting/part-words.js';
import { ChoiceField, FlagField } from '../../ledger/ChoiceField.js';
import { Heading } from '../../ledger/Ledger.js';
import { LengthField } from '../../ledger/LengthField.js';
import { NumberField } from '../../ledger/NumberField.js';
import { TypedField } from '../../ledger/TypedField.js';
import { useOpenEvent, useResult } from '../../store/hooks.js';
import { fieldsOfPart, valueOf, type PartField } from './part-fields.js';
import { PartActions } from './PartActions.js';

/** What is picked on the ground: its name, its measures, everything known of it, and what can be done with it. */
export function PartInspector({ parts }: { parts: readonly Part[] }) {
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
          <Places part={part} />
        </>
      )}
    </section>
  );
}

function useEdit(part: Part): (name: string, label: string, value: Json | undefined) => void {
  const { store } = useOpenEvent();
  return (name, label, value) => store.editVenue(`${part.label}: ${label}`, fieldSet(part, name, value));
}

function NameField({ part }: { part: Part }) {
  const edit = useEdit(part);
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
      <OneField key={`${part.path} ${field.name}`} part={part} field={field} />
    ),
  );
}

function OneField({ part, field }: { part: Part; field: PartField }) {
  const edit = useEdit(part);
  const { venue } = useResult('ground');
  const { name, label, optional = false } = field;
  const value = valueOf(part, name);
  const commit = (next: Json | undefined): void => edit(name, label.toLowerCase(), next);
  switch (field.type) {
    case 'length':
      return (
        <LengthField
          {...{ label, min: field.min, max: field.max }}
          {...(optional
            ? { optional, value: value as number | undefined, onCommit: commit }
            : { value: value as number, onCommit: commit })}
        />
      );
    case 'number': {
      const { unit, min, max, whole = false } = field;
      return (
        <NumberField
          {...{ label, unit, min, max, whole, optional }}
          value={value as number | undefined}
          onCommit={commit}
        />
      );
    }
    case 'text':
      return (
        <TypedField<string>
          {...{ label, optional }}
          wide
          shown={(value as string | undefined) ?? ''}
          read={typed =>
            typed.length <= field.max ? { value: typed } : { fault: `at most ${field.max} characters` }
          }
          onCommit={commit}
        />
      );
    case 'flag':
      return <FlagField label={label} value={value === true} onCommit={on => commit(on || undefined)} />;
    case 'choice':
      return (
        <ChoiceField
          label={label}
          value={value as string | undefined}
          options={field.options(venue)}
          none={field.none}
          onCommit={commit}
        />
      );
  }
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
