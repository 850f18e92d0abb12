import {
  ANYBODY,
  inOrder,
  inWords,
  liftLimit,
  LIFTS,
  MOST_PEOPLE,
  showText,
  type CaseResult,
  type LiftName,
} from '@idle-satchel/core';
import { ChoiceField } from '../../ledger/ChoiceField.js';
import { FigureRow, FigureRows, Heading } from '../../ledger/Ledger.js';
import { useEvent, usePlan, useReading, useResult, useStore } from '../../store/hooks.js';

const PEOPLE = [
  ['1', 'one person'],
  ['2', 'two people'],
  ['3', 'three people'],
] as const;
const ROLLS = ['0', 'nobody: on its wheels'] as const;

/** Every case with what it weighs, and who should lift it. */
export default function Lifting() {
  const { cases } = useResult('pack');
  const reading = useReading();
  const all = Object.entries(cases);
  if (all.length === 0) return null;
  return (
    <section aria-label="Lifting">
      {all.map(([id, each]) => (
        <CaseLift key={id} id={id} of={each} />
      ))}
      <p className="text-faint mt-2">
        Where nobody is named: {inWords(ANYBODY, 'kg', reading.system)} each. The equation covers neither
        teams, carrying nor stairs: two lift two thirds of what they may alone together, three half, on stairs
        70 % of that. These are house rules.
      </p>
    </section>
  );
}

function CaseLift({ id, of }: { id: string; of: CaseResult }) {
  const store = useStore();
  const reading = useReading();
  const { label, weight, pieces, unweighed, people, left, lifts, wheels, push } = of;
  const { stairsPeople, stairsLeft, door, air, by } = of;
  const options = wheels ? [ROLLS, ...PEOPLE] : PEOPLE;
  return (
    <>
      <Heading about={label}>Lifting</Heading>
      <FigureRows of={{ weight, pieces, ...(unweighed.value !== 0 && { unweighed }), people }} />
      <ChoiceField
        label="Lifted by"
        value={options.find(([count]) => Number(count) === by)?.[0]}
        options={options}
        none="not said"
        onCommit={count =>
          store.editPlan(`Who lifts ${label}`, plan =>
            plan.set('devices', id, 'lifters', count === undefined ? undefined : Number(count)),
          )
        }
      />
      <Names id={id} label={label} />
      <FigureRows
        of={{
          ...(left && { left }),
          ...(stairsPeople && { stairsPeople }),
          ...(stairsLeft && { stairsLeft }),
        }}
      />
      {Object.entries(of.lifters).map(([person, each]) => (
        <FigureRow key={person} figure={each.left} label={`${each.name}: left, with an even share of it`} />
      ))}
      <details className="py-1">
        <summary className="cursor-pointer">Lifts, wheels, doors, by air</summary>
        {(Object.entries(lifts) as [LiftName, CaseResult['lifts'][LiftName]][]).map(
          ([name, { index, recommended }]) => (
            <FigureRow key={name} figure={index} label={`Lifting index, ${LIFTS[name].words}`}>
              {typeof recommended.value === 'number' &&
                `one person should lift ${showText(recommended.value, 'kg', reading)} there`}
            </FigureRow>
          ),
        )}
        <FigureRows of={{ ...push, ...door, ...air }} />
      </details>
    </>
  );
}

/** The names of those who lift it, and one more to choose. */
function Names({ id, label }: { id: string; label: string }) {
  const store = useStore();
  const { system } = useReading();
  const people = useEvent(state => state.bundle.hands.people);
  const names = usePlan(plan => plan.devices?.[id]?.liftedBy) ?? [];
  const set = (next: readonly string[]): void =>
    store.editPlan(`Who lifts ${label}`, plan =>
      plan.set('devices', id, 'liftedBy', next.length > 0 ? [...next] : undefined),
    );
  const others = inOrder(people).filter(([person, { erased }]) => !erased && !names.includes(person));
  return (
    <div className="flex flex-wrap gap-2 py-1 items-baseline">
      {names.map(person => (
        <button
          key={person}
          className="button"
          aria-label={`Take ${people[person]?.name ?? 'somebody who is gone'} off ${label}`}
          onClick={() => set(names.filter(each => each !== person))}
        >
          {people[person]?.name ?? 'somebody who is gone'} ×
        </button>
      ))}
      {names.length < MOST_PEOPLE && others.length > 0 && (
        <select
          className="field"
          aria-label={`Put a name on ${label}`}
          value=""
          onChange={event => set([...names, event.target.value])}
        >
          <option value="">add a name</option>
          {others.map(([person, each]) => (
            <option key={person} value={person}>
              {each.name} · {inWords(liftLimit(each), 'kg', system)}
              {each.young ? ' · under 18' : ''}
            </option>
          ))}
        </select>
      )}
    </div>
  );
}
