/** Rules of Pack about the things of the shelf themselves: tests, lending, faults, bookings. */
import { friday, holds, remove, set, type Row } from './snag-tables.js';

/** Something of the laptop that is set aside for the words, on an event of 4 December. */
const laptop = (field: string, value: unknown) => set(`/items/itemlap01/${field}`, value);
const lent = (back: string) => laptop('lent', { to: 'Players', on: '2026-11-20', back });
const tested = (more: object) => laptop('tested', { on: '2026-01-10', result: 'passed', ...more });
const fault = (more: object) =>
  laptop('faults', { faultone01: { at: '2026-11-01T10:00:00Z', what: 'fan rattles', by: 'Ines', ...more } });
const hours = { from: '2026-12-04T16:00:00Z', to: '2026-12-04T22:00:00Z' };
const booking = (item: string, more: object = {}) =>
  set('/claims/claimtest1', { item, event: 'Workshop', ...hours, booked: true, ...more });
const own = (more: object = {}, items: object = EVERYTHING) => set('/own', { ...hours, items, ...more });
const EVERYTHING = Object.fromEntries(Object.keys(friday.shelf.items).map(id => [id, {}]));
const { itemcam01: _camera, ...BUT_THE_CAMERA } = EVERYTHING as Record<string, object>;

/** Whether something of the kind of the laptop for the words worked at the venue before. */
const tried = (...notes: readonly (readonly [on: string, works: boolean, item?: string])[]) =>
  set(
    '/tried',
    Object.fromEntries(
      notes.map(([on, works, item], i) => [
        `triedone0${i}`,
        { order: String(i), kind: 'laptopcom', on, works, ...(item && { item }) },
      ]),
    ),
  );

const TABLE: readonly Row[] = [
  // The newest of the thing itself counts; of two on a day the later one.
  [
    'pack.tried-here',
    'risk',
    ['venue', tried(['2026-10-01', true, 'itemlap01'], ['2026-10-02', false, 'itemlap01'])],
    ['venue', tried(['2026-10-02', false, 'itemlap01'], ['2026-10-02', true, 'itemlap01'])],
  ],
  [
    'pack.tried-here',
    'risk',
    ['venue', tried(['2026-10-02', false])],
    ['venue', tried(['2026-10-01', true, 'itemlap01'], ['2026-10-02', false])],
  ],
  // What another of the kind did is a note, and nothing beside what the thing itself did.
  [
    'pack.tried-here',
    'note',
    ['venue', tried(['2026-10-02', false, 'itemlap02'])],
    ['venue', tried(['2026-10-01', true, 'itemlap01'], ['2026-10-02', false, 'itemlap02'])],
  ],
  [
    'pack.item-unfit',
    'stop',
    ['shelf', tested({ result: 'failed' })],
    ['shelf', tested({ result: 'passed' })],
  ],
  ['pack.item-unfit', 'stop', ['shelf', laptop('tested', { result: 'passed' })], ['shelf', tested({})]],
  ['pack.item-unfit', 'stop', ['shelf', lent('2026-12-04')], ['shelf', lent('2026-12-03')]],
  ['pack.comes-back', 'note', ['shelf', lent('2026-12-03')], ['shelf', lent('2026-12-04')]],
  [
    'pack.test-due',
    'risk',
    ['shelf', tested({ next: '2026-12-04' })],
    ['shelf', tested({ next: '2026-12-05' })],
  ],
  [
    'pack.goes-back',
    'risk',
    ['shelf', laptop('owner', { how: 'hired', who: 'A firm', back: '2026-12-03' })],
    ['shelf', laptop('owner', { how: 'hired', who: 'A firm', back: '2026-12-04' })],
  ],
  ['pack.fault-open', 'note', ['shelf', fault({})], ['shelf', fault({ mended: '2026-11-02T10:00:00Z' })]],
  ['pack.fault-open', 'risk', ['shelf', fault({ due: '2026-12-04' })], ['plan', set('/label', 'As it is')]],
  [
    'pack.untested',
    'note',
    ['shelf', remove('/items/itemlap01/tested')],
    ['shelf', remove('/items/itemcam01/bought')],
  ],
  [
    'pack.accessory',
    'risk',
    ['shelf', set('/items/itembat03/goesWith', 'itemlap01')],
    ['shelf', set('/items/itembat02/goesWith', 'itemlap01')],
  ],
  ['pack.claimed', 'stop', ['claims', booking('itemlap01')], ['claims', booking('itemlap02')]],
  // Whoever has booked it need not ask whoever only plans to take it.
  [
    'pack.claimed',
    'risk',
    ['claims', booking('itemlap01', { booked: false })],
    ['claims', booking('itemlap01', { booked: false }), own()],
  ],
  [
    'pack.stock-short',
    'risk',
    ['claims', booking('itemtape1', { count: 5 })],
    ['claims', booking('itemtape1', { count: 4 })],
  ],
  ['pack.unbooked', 'risk', ['claims', own({}, BUT_THE_CAMERA)], ['claims', own()]],
  [
    'pack.booked-otherwise',
    'stop',
    ['claims', own({ from: '2026-12-04T19:30:01Z' })],
    ['claims', own({ from: '2026-12-04T19:30:00Z' })],
  ],
];

holds(TABLE);
