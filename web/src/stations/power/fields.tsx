import { TypedField } from '../../ledger/TypedField.js';

/** Words that somebody types; empty takes them away. */
export function Words({
  label,
  value,
  onSet,
}: {
  label: string;
  value: string | undefined;
  onSet: (value: string | undefined) => void;
}) {
  return (
    <TypedField<string>
      label={label}
      wide
      shown={value ?? ''}
      read={text => (text.length <= 80 ? { value: text } : { fault: 'at most 80 characters' })}
      onCommit={text => onSet(text || undefined)}
    />
  );
}

/** One of several words, or none of them. */
export function Choice<Word extends string>({
  label,
  value,
  choices,
  none,
  words = word => word,
  onChoose,
}: {
  label: string;
  value: Word | undefined;
  choices: readonly Word[];
  none: string;
  words?: (word: Word) => string;
  onChoose: (value: Word | undefined) => void;
}) {
  return (
    <label className="flex gap-2 items-baseline py-0.5">
      <span className="grow">{label}</span>
      <select
        className="field"
        value={value ?? ''}
        onChange={event => onChoose(choices.find(each => each === event.target.value))}
      >
        <option value="">{none}</option>
        {choices.map(each => (
          <option key={each} value={each}>
            {words(each)}
          </option>
        ))}
      </select>
    </label>
  );
}
