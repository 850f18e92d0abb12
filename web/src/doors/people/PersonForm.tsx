import type { UnitSystem } from '@idle-satchel/core';
import type { PersonChange, PersonLine } from '@idle-satchel/core/api';
import {
  changeOfPerson,
  faultsOfPerson,
  PERSON_FORM,
  SKILL_LEVELS,
  SKILLS,
  skillsWith,
} from '@idle-satchel/core/person-forms';
import { useEffect, useState } from 'react';
import { useForm } from 'react-hook-form';
import { wordsOf } from '../../api/client.js';
import { anyTools, NOTHING_NAMED } from '../../ledger/form-tools.js';
import { FormInput } from '../../ledger/FormInput.js';
import { SayMore } from '../../ledger/SayMore.js';

/** What is asked of everybody; the rest where somebody wants to say it. */
const USUAL = new Set(['name', 'youngUntil', 'lift', 'phone', 'mail', 'most', 'note']);

/** What is known of somebody, to be changed; what others change meanwhile is told, and not written over. */
export default function PersonForm({
  person,
  units,
  onChange,
}: {
  person: PersonLine;
  units: UnitSystem;
  onChange: (fields: PersonChange) => Promise<void>;
}) {
  /** The person as they were when somebody began to write. */
  const [seen, setSeen] = useState(person);
  const { control, handleSubmit, setValue, reset, formState, getValues } = useForm<Record<string, unknown>>({
    defaultValues: { ...seen },
  });
  /** Skills as they are chosen, until they are kept. */
  const [chosen, setChosen] = useState<PersonLine['skills']>();
  const skills = chosen ?? seen.skills;
  const { isDirty, isSubmitting } = formState;
  if (!isDirty && chosen === undefined && person !== seen) setSeen(person);
  useEffect(() => reset({ ...seen }), [seen, reset]);
  const [faults, setFaults] = useState<Readonly<Record<string, string>>>({});
  const [problem, setProblem] = useState('');
  const [wished, setWished] = useState<readonly string[]>([]);
  const isAsked = (name: string): boolean => USUAL.has(name) || name in seen || wished.includes(name);
  const fields = PERSON_FORM.fields;
  const unasked = fields.filter(({ name }) => !isAsked(name));
  const tools = anyTools({ control, setValue, system: units, faults, named: NOTHING_NAMED });
  const submit = handleSubmit(async values => {
    const found = faultsOfPerson(values);
    setFaults(found);
    setProblem('');
    if (Object.keys(found).length > 0) return;
    try {
      await onChange({
        ...changeOfPerson(seen, values),
        ...(chosen && { skills: chosen }),
        base: seen.revision,
      });
      reset(getValues());
      setChosen(undefined);
      setWished([]);
    } catch (error) {
      setProblem(wordsOf(error));
    }
  });
  return (
    <form aria-label="What is known of them" onSubmit={event => void submit(event)}>
      <h2>What is known</h2>
      <div className="grid gap-x-6">
        {fields
          .filter(({ name }) => isAsked(name))
          .map(field => (
            <FormInput key={field.name} field={field} path={field.name} tools={tools} />
          ))}
      </div>
      <h3 className="pt-3">Skills</h3>
      <div className="grid grid-cols-2 max-md:grid-cols-1 gap-x-6">
        {SKILLS.map(skill => (
          <label key={skill} className="flex items-baseline gap-x-4 py-1 border-b border-rule">
            <span className="grow">{skill}</span>
            <select
              className="field"
              value={skills.find(each => each.skill === skill)?.level ?? ''}
              onChange={({ target }) => setChosen(skillsWith(skills, skill, target.value))}
            >
              <option value="">–</option>
              {SKILL_LEVELS.map(level => (
                <option key={level}>{level}</option>
              ))}
            </select>
          </label>
        ))}
      </div>
      <p className="flex flex-wrap gap-2 items-baseline pt-3">
        <button className="button button-main" disabled={isSubmitting}>
          Keep
        </button>
        {unasked.length > 0 && (
          <span className="ml-auto">
            <SayMore
              words="Say more"
              fields={unasked}
              onWish={name => setWished(before => [...before, name])}
            />
          </span>
        )}
      </p>
      <p role="status" className="text-stop">
        {problem || (Object.keys(faults).length > 0 && 'Something is not right yet: see the fields.')}
      </p>
    </form>
  );
}
