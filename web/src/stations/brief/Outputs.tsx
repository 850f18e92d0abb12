import { inOrder, newId, orderAfter, OUTPUT_KINDS, type Output } from '@idle-satchel/core';
import { usePlan, useStore } from '../../store/hooks.js';
import { OUTPUT_WORDS } from './output-words.js';
import { OutputRow } from './OutputRow.js';

/** What must come out, of what, and as which programme. */
export function Outputs() {
  const store = useStore();
  const outputs = usePlan(plan => plan.outputs);
  const add = (kind: Output['kind']): void =>
    store.editPlan(`Want a ${kind}`, plan =>
      plan.put('outputs', newId(), {
        order: orderAfter(inOrder(outputs).at(-1)?.[1].order),
        label: OUTPUT_WORDS[kind],
        kind,
      }),
    );
  return (
    <section aria-label="Outputs wanted" className="mt-4">
      <h2>What must come out</h2>
      <table>
        <thead>
          <tr>
            <th>Output</th>
            <th>Kind</th>
            <th>Comes out of</th>
            <th>Extra</th>
            <th />
          </tr>
        </thead>
        <tbody>
          {inOrder(outputs).map(([id, output]) => (
            <OutputRow key={id} id={id} output={output} />
          ))}
        </tbody>
      </table>
      <p className="flex gap-2 mt-2">
        {OUTPUT_KINDS.map(kind => (
          <button key={kind} className="button" onClick={() => add(kind)}>
            Add a {kind}
          </button>
        ))}
      </p>
    </section>
  );
}
