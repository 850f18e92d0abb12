import type { FormField } from '@idle-satchel/core/item-drafts';

/** Asks for a field of a form that is not usual, and so is not asked for yet. */
export const SayMore = ({
  words,
  fields,
  onWish,
}: {
  words: string;
  fields: readonly FormField[];
  onWish: (name: string) => void;
}) => (
  <label>
    <span className="text-faint">{words} </span>
    <select className="field" value="" onChange={event => onWish(event.target.value)}>
      <option value="">choose what …</option>
      {fields.map(({ name, label }) => (
        <option key={name} value={name}>
          {label}
        </option>
      ))}
    </select>
  </label>
);
