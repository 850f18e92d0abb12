import { ANYBODY, inWords, LIFTS, showText, type CaseResult, type LiftName } from '@idle-satchel/core';
import { ChoiceField } from '../../ledger/ChoiceField.js';
import { FigureRow, FigureRows, Heading } from '../../ledger/Ledger.js';
import { usePlan, useReading, useResult, useStore } from '../../store/hooks.js';

const PEOPLE = [
  ['1', 'one person'],
  ['2', 'two people'],
  ['3', 'three people'],
] as const;

/** Every case with what it weighs, and how many should lift it. */
export function Lifting() {
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
        Nobody is named: {inWords(ANYBODY, 'kg', reading.system)} each. The equation covers neither teams,
        carrying nor stairs: two lift two thirds of what they may alone together, three half, on stairs 70 %
        of that. These are house rules.
      </p>
    </section>
  );
}

function CaseLift({ id, of }: { id: string; of: CaseResult }) {
  const store = useStore();
  const reading = useReading();
  const lifters = usePlan(plan => plan.devices?.[id]?.lifters);
  const { label, weight, pieces, unweighed, people, left, lifts } = of;
  return (
    <>
      <Heading about={label}>Lifting</Heading>
      <FigureRows of={{ weight, pieces, ...(unweighed.value !== 0 && { unweighed }), people }} />
      <ChoiceField
        label="Lifted by"
        value={PEOPLE.find(([count]) => Number(count) === lifters)?.[0]}
        options={PEOPLE}
        none="not said"
        onCommit={count =>
          store.editPlan(`Who lifts ${label}`, plan =>
            plan.set('devices', id, 'lifters', count === undefined ? undefined : Number(count)),
          )
        }
      />
      {left && <FigureRow figure={left} />}
      {(Object.entries(lifts) as [LiftName, CaseResult['lifts'][LiftName]][]).map(
        ([name, { index, recommended }]) => (
          <FigureRow key={name} figure={index} label={`Lifting index, ${LIFTS[name].words}`}>
            {typeof recommended.value === 'number' &&
              `one person should lift ${showText(recommended.value, 'kg', reading)} there`}
          </FigureRow>
        ),
      )}
    </>
  );
}
