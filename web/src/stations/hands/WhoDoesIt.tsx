import {
  ANSWER_WORDS,
  ANSWERS,
  assignPatch,
  inOrder,
  type AnswerHow,
  type RoleResult,
} from '@idle-satchel/core';
import { useEvent, usePlan, useResult, useStore } from '../../store/hooks.js';

/** Who is put on a role, and what they have said. */
export function WhoDoesIt({ role }: { role: RoleResult }) {
  return (
    <>
      <PersonChoice role={role} />
      <Answers role={role} />
    </>
  );
}

function PersonChoice({ role }: { role: RoleResult }) {
  const store = useStore();
  const people = useEvent(state => state.bundle.hands.people);
  const assignments = usePlan(plan => plan.assignments);
  // Whoever was erased serves nowhere any more.
  const entries = inOrder(people).filter(([id, { erased }]) => !erased || id === role.person);
  const level = (id: string): string | undefined =>
    people[id]?.skills.find(skill => skill.skill === role.skill)?.level;
  const able = entries.filter(([id]) => level(id) !== undefined);
  const others = entries.filter(([id]) => level(id) === undefined);
  const { says, underage, elsewhere } = useResult('hands');
  const careOf = (id: string): string =>
    [
      underage.includes(id) && 'under 18',
      says[id] !== 'does not say' && says[id],
      ...Object.values(elsewhere).map(({ person, event }) => person === id && `at ${event}`),
    ]
      .flatMap(word => (word ? ` · ${word}` : []))
      .join('');
  const { assignment, besides } = role;
  const doing = people[role.person ?? '']?.name;
  const choose = (person: string): void => {
    if (person) store.patchPlan(`Put somebody on ${role.label}`, assignPatch(assignments, role, person));
    else if (assignment !== undefined)
      store.editPlan(`Take somebody off ${role.label}`, plan => plan.drop('assignments', assignment));
  };
  return (
    <select
      className={`field max-md:w-[170px] ${assignment === undefined ? '' : 'md:w-[200px]'}`}
      aria-label={`Person for ${role.label}`}
      value={besides === undefined ? (role.person ?? '') : ''}
      onChange={event => choose(event.target.value)}
    >
      <option value="">
        {besides === undefined
          ? 'nobody yet'
          : doing === undefined
            ? `whoever is on ${besides}`
            : `${doing}, besides ${besides}`}
      </option>
      <optgroup label="Have the skill">
        {able.map(([id, { name }]) => (
          <option key={id} value={id}>
            {name} · {level(id)}
            {careOf(id)}
          </option>
        ))}
      </optgroup>
      <optgroup label="Others">
        {others.map(([id, { name }]) => (
          <option key={id} value={id}>
            {name}
            {careOf(id)}
          </option>
        ))}
      </optgroup>
    </select>
  );
}

/** What whoever is put on a role has said, and who has said no. */
function Answers({ role: { label, assignment, answer, declined } }: { role: RoleResult }) {
  const store = useStore();
  const people = useEvent(state => state.bundle.hands.people);
  const say = (how: string): void => {
    if (assignment === undefined) return;
    store.editPlan(`Note the answer for ${label}`, plan =>
      how === ''
        ? plan.drop('assignments', assignment, 'answer')
        : plan.put('assignments', assignment, 'answer', {
            how: how as AnswerHow,
            at: new Date().toISOString(),
          }),
    );
  };
  return (
    <>
      {assignment !== undefined && (
        <select
          className="field ml-2 text-faint"
          aria-label={`Answer for ${label}`}
          value={answer ?? ''}
          onChange={({ target }) => say(target.value)}
        >
          <option value="">not asked</option>
          {ANSWERS.map(how => (
            <option key={how} value={how}>
              {ANSWER_WORDS[how]}
            </option>
          ))}
        </select>
      )}
      {declined.length > 0 && (
        <span className="block text-faint text-[13px]">
          {declined.map(id => people[id]?.name ?? id).join(', ')} said no
        </span>
      )}
    </>
  );
}
