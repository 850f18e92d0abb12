import { useState } from 'react';
import { ApiProblem } from '../api/client.js';

/** A name that is changed in place; what the server refuses stays in the field, with the reason. */
export function RenameField({
  label,
  value,
  max,
  onSave,
}: {
  label: string;
  value: string;
  max: number;
  onSave: (text: string) => Promise<unknown>;
}) {
  const [problem, setProblem] = useState('');
  return (
    <>
      <input
        className="field w-full"
        aria-label={label}
        aria-invalid={problem !== ''}
        key={value}
        defaultValue={value}
        maxLength={max}
        onBlur={event => {
          const text = event.target.value.trim();
          if (text === value) return setProblem('');
          if (text === '') {
            event.target.value = value;
            return setProblem('');
          }
          onSave(text).then(
            () => setProblem(''),
            (error: unknown) =>
              setProblem(error instanceof ApiProblem ? (error.lines[1] ?? error.message) : String(error)),
          );
        }}
      />
      {problem && (
        <span role="alert" className="text-stop text-[13px]">
          {problem}
        </span>
      )}
    </>
  );
}
