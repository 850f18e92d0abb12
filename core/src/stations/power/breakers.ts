/** Load on each breaker, by the house rule. */
import type { Circuit, Rules, Venue } from '../../documents/index.js';
import { given, inOrder, taken, type Figure } from '../../foundations/index.js';
import { circuitCounted, circuitLeft, circuitOther, circuitOurs, circuitShare } from './figures.js';
import type { CircuitLoad, SocketLoad } from './result.js';

export interface OnCircuit {
  readonly circuit: Circuit;
  readonly sockets: Venue['sockets'];
  readonly loads: Readonly<Record<string, SocketLoad>>;
  readonly volts: number;
  readonly school: Rules['mainsLoad'];
}

export function circuitLoad(id: string, { circuit, sockets, loads, volts, school }: OnCircuit): CircuitLoad {
  const other = otherLoads(id, circuit, volts);
  const ours = circuitOurs.calc(
    [id],
    inOrder(sockets).flatMap(([socket, { circuit: on }]) =>
      on === id && loads[socket] ? [taken('socket', loads[socket].amps)] : [],
    ),
  );
  const schooled = given('school', school, '', 'rules', '/mainsLoad');
  const counted = circuitCounted.calc([id], [taken('other', other), schooled, taken('ours', ours)], {
    rule: school === 'eighty' ? 'continuous load counts 1.25 ×' : 'full rating less known load',
  });
  const breaker = given('breaker', circuit.amps, 'A', 'venue', `/circuits/${id}/amps`);
  return {
    ...{ other, ours, counted },
    left: circuitLeft.calc([id], [breaker, taken('counted', counted), schooled]),
    share: circuitShare.calc([id], [taken('counted', counted), breaker]),
  };
}

/** What the survey knows to be on the circuit already. */
function otherLoads(id: string, { others }: Circuit, volts: number): Figure {
  const loads = inOrder(others);
  if (loads.length === 0) return circuitOther.calc([id], [], { formula: 'sum(none)' });
  const terms = loads.flatMap(([load, { watts, factor }], i) => [
    given(`P${i}`, watts, 'W', 'venue', `/circuits/${id}/others/${load}/watts`),
    given(`pf${i}`, factor, '', 'venue', `/circuits/${id}/others/${load}/factor`),
  ]);
  return circuitOther.calc([id], [given('V', volts, 'V', 'venue', '/volts'), ...terms], {
    formula: loads.map((_, i) => `P${i} / (V * pf${i})`).join(' + '),
  });
}
