/** What the live part asks of people: loads by hand calculation, who needs a line, what takes both hands, least crews. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import type { Bundle, ItemAsks } from '../../src/documents/index.js';
import { applyPatch, numberOf, type Operation } from '../../src/foundations/index.js';
import { ASK_FIELDS } from '../../src/item-asks.js';
import { loadReads } from '../../src/searches/crew/load-reads.js';
import { groupLoads } from '../../src/stations/hands/workload.js';
import { friday, remove, set } from './edited.js';

const withPlan = (...patch: Operation[]): Bundle => ({ ...friday, plan: applyPatch(friday.plan, patch) });
const handsOf = (bundle: Bundle) => assess(bundle).hands;
const put = (role: string, person: string): Operation =>
  set(`/assignments/assign${role.replace(/\W/g, '').slice(0, 6).padEnd(4, '0')}x`, { role, person });
const snagsOf = (bundle: Bundle, rule: string) => assess(bundle).snags.filter(snag => snag.rule === rule);

describe('a load', () => {
  const { workload } = handsOf(friday);
  const of = (person: string, item: string) => {
    const { least, most } = workload[person]?.items[item] ?? {};
    return [numberOf(least), numberOf(most)];
  };

  it('is the seconds of attention of all that is done, of those that the item lasts', () => {
    // 8 captions of 6 s and 2 slides of 3 s in 30 min; 6 and 4 in 18 min.
    expect(of('sunnivaray', 'itembells1')).toEqual([(100 * (8 * 6 + 2 * 3)) / 1800, (100 * 54) / 1800]);
    expect(of('sunnivaray', 'itemchoir1')[0]).toBeCloseTo((100 * (6 * 6 + 4 * 3)) / 1080, 12);
    // 8 re-frames of 8 s; 6 cues of 4 s, and 6 answers of 15 s to those who watch.
    expect(of('petralund1', 'itemchoir1')[0]).toBeCloseTo((100 * 8 * 8) / 1080, 12);
    expect(of('inescalder', 'itembells2')[0]).toBeCloseTo((100 * (6 * 4 + 6 * 15)) / 1800, 12);
  });

  it('of whoever calls lies between no call and one for every cut, where only some cameras are worked', () => {
    // Five cuts a minute of 2 s, with up to as many calls of 3 s.
    const [least, most] = of('tobinashgr', 'itembells1');
    expect(least).toBeCloseTo((100 * 5 * 30 * 2) / 1800, 12);
    expect(most).toBeCloseTo((100 * 5 * 30 * (2 + 3)) / 1800, 12);
  });

  it('follows what the house reckons otherwise', () => {
    const bundle = { ...friday, rules: { ...friday.rules, attention: { caption: 30 } } };
    const { least } = handsOf(bundle).workload.sunnivaray?.items.itembells1 ?? {};
    expect(numberOf(least)).toBeCloseTo((100 * (8 * 30 + 2 * 3)) / 1800, 12);
  });

  it('is at its fullest in the item that asks the most', () => {
    expect(numberOf(workload.tobinashgr?.peak)).toBeCloseTo((100 * 10) / 60, 12);
    expect(workload.tobinashgr?.verdict.value).toBe('one person can do this');
  });

  it('is not known at most where nobody counted, and is sure of what the shots ask', () => {
    const shot = { order: '009h', mark: 'marksolo1', size: 'full figure', camera: 'camside01' };
    const bundle = withPlan(remove('/runningOrder/itemsolo01/asks'), set('/shots/shotsecond', shot));
    const { items, verdict } = handsOf(bundle).workload.wilfokonjo ?? {};
    // Two shots of one mark: framed anew once.
    expect(numberOf(items?.itemsolo01?.least)).toBeCloseTo((100 * 8) / 720, 12);
    expect(items?.itemsolo01?.most.value).toBeNull();
    expect(items?.itemsolo01?.most.why).toBe('nothing says how many re-frames there are in “Soloist”');
    expect(verdict?.value).toBe('has this job alone');
  });

  it('leaves out what takes no time, and items that are not live', () => {
    const bundle = withPlan(set('/runningOrder/itemsolo01/minutes', 0));
    expect(Object.keys(handsOf(bundle).workload.tobinashgr?.items ?? {})).toEqual([
      ...['itemwelco1', 'itembells1', 'itemchoir1', 'itembells2'],
    ]);
    const order = Object.fromEntries(
      Object.entries(friday.plan.runningOrder ?? {}).filter(([, { phase }]) => phase !== 'live'),
    );
    const none = handsOf({ ...friday, plan: { ...friday.plan, runningOrder: order } }).workload.tobinashgr;
    expect([none?.peak.value, none?.verdict.value]).toEqual([null, null]);
  });

  it('counts the way between places farther apart than a few steps', () => {
    // Petra works C1 and C3 on one floor, 10 m apart, with 8 re-frames each in 18 min.
    const bundle = withPlan(
      set('/assignments/assigncam3/person', 'petralund1'),
      set('/devices/camwide01/place', { at: [6.4, 13.9], height: 1.6 }),
    );
    const { items, verdict } = handsOf(bundle).workload.petralund1 ?? {};
    const own = 2 * 8 * 8;
    expect(numberOf(items?.itemchoir1?.least)).toBeCloseTo((100 * (own + 10)) / 1080, 9);
    // There and back for each of the eight there, one way less, and one to begin with.
    expect(numberOf(items?.itemchoir1?.most)).toBeCloseTo((100 * (own + 16 * 10)) / 1080, 9);
    expect(verdict?.value).toBeNull();
    expect(verdict?.why).toContain('they walk between places');
  });

  const work = fc.record(
    Object.fromEntries(ASK_FIELDS.map(({ name }) => [name, fc.integer({ min: 0, max: 9 })])),
    { requiredKeys: [] },
  ) as fc.Arbitrary<ItemAsks>;

  it('is never less than what is sure, and a search reckons as figures do', () => {
    fc.assert(
      fc.property(
        work,
        fc.option(work, { nil: undefined }),
        fc.integer({ min: 1, max: 60 }),
        (a, b, minutes) => {
          const bundle = withPlan(
            set('/runningOrder/itembells1/asks', a),
            set('/runningOrder/itembells1/minutes', minutes),
            b ? set('/runningOrder/itemchoir1/asks', b) : remove('/runningOrder/itemchoir1/asks'),
          );
          const assessment = assess(bundle);
          const { hands } = assessment;
          const reads = loadReads(bundle, assessment);
          for (const [person, { items }] of Object.entries(hands.workload)) {
            const all = Object.values(hands.roles);
            const own = all.filter(each => each.person === person);
            const loads = groupLoads(
              own,
              all.filter(each => each.person !== person),
              reads,
            );
            for (const { id, load } of loads) {
              const { least, most } = items[id] ?? {};
              const [low, high] = [numberOf(least) ?? NaN, numberOf(most)];
              if (high !== undefined) {
                expect(high).toBeGreaterThanOrEqual(low - 1e-9);
                expect(load).toBeCloseTo(high, 9);
              } else expect(load).toBeGreaterThanOrEqual(low - 1e-9);
            }
          }
        },
      ),
      { numRuns: 25 },
    );
  });
});

describe('too much for one', () => {
  const busy = (cuts: number) => withPlan(set('/runningOrder/itemchoir1/asks/cuts', cuts));

  it('begins above all of one’s attention, names item, minute and roles, and is cured', () => {
    expect(snagsOf(busy(30), 'hands.overload')).toEqual([]);
    const [snag] = snagsOf(busy(30.1), 'hands.overload');
    // Friday begins at 19:30; welcome, bells and soloist take 47 min.
    expect(snag?.title).toBe(
      'Tobin Ashgrove has 101 % to do in “Choir of 24”, from 20:17, as Director and Vision mixer.',
    );
    expect(handsOf(busy(30.1)).workload.tobinashgr?.verdict.value).toBe('too much for one');
  });

  it('is two things that take both hands, or one such and something else that is sure', () => {
    const roams = [set('/devices/camwide01/worked', 'roaming')];
    const one = withPlan(...roams);
    expect(handsOf(one).workload.petralund1?.atOnce.value).toBe(1);
    expect(snagsOf(one, 'hands.two-jobs')).toEqual([]);
    const besides = withPlan(...roams, set('/assignments/assigncam3/person', 'petralund1'));
    expect(snagsOf(besides, 'hands.two-jobs').map(({ title }) => title)).toEqual([
      'Petra Lund needs both hands for Camera operator, C1 WIDE, and is down for Camera operator, C3 SIDE too.',
    ]);
    // With nothing that is sure to be done at the other camera it is not said.
    const idle = Object.entries(friday.plan.runningOrder ?? {}).flatMap(([id, { phase }]) =>
      phase === 'live' ? [remove(`/runningOrder/${id}/asks`)] : [],
    );
    const unknown = { ...besides, plan: applyPatch(besides.plan, idle) };
    expect(snagsOf(unknown, 'hands.two-jobs')).toEqual([]);
  });
});

describe('roles', () => {
  const rolesOf = (...patch: Operation[]) => handsOf(withPlan(...patch)).roles;
  const laptop = (tasks: readonly string[]) => rolesOf(set('/devices/laptopwor/tasks', tasks));

  it('ask nobody for the own laptop of whoever speaks, nor for one that only controls', () => {
    expect(laptop(['slides']).graphics?.person).toBe('sunnivaray');
    expect(laptop(['slides', 'speaker']).graphics).toBeUndefined();
    expect(laptop(['control']).graphics).toBeUndefined();
  });

  it('ask for clips where they are played, which fall to graphics, else to the mix', () => {
    expect(laptop(['slides', 'clips']).clips?.besides).toBe('Graphics and words');
    const alone = laptop(['clips']);
    expect([alone.graphics, alone.clips?.besides, alone.clips?.person]).toEqual([
      ...[undefined, 'Vision mixer', 'tobinashgr'],
    ]);
  });

  it('that fall to somebody are taken by whoever is put on them, and empty with that person', () => {
    const { caller } = rolesOf(put('caller', 'odilemarsh'));
    expect([caller?.person, caller?.besides]).toEqual(['odilemarsh', undefined]);
    const nobody = rolesOf(remove('/assignments/assignmix1'));
    expect([nobody.caller?.person, nobody.caller?.besides]).toEqual(['odilemarsh', 'Lead']);
    expect(rolesOf(set('/assignments/assignmix1/person', 'josiahvane')).caller?.besides).toBe('Vision mixer');
    // Where neither is found one is missing, not two.
    const none = rolesOf(remove('/assignments/assignmix1'), remove('/assignments/assignlead'));
    expect([none.caller?.person, none.caller?.besides, none.caller?.filled.value]).toEqual([
      ...[undefined, 'Vision mixer', true],
    ]);
    // What falls to somebody is no reason to say that they have not done it before.
    expect(snagsOf(withPlan(), 'hands.unskilled')).toEqual([]);
  });

  it('put the mix that is sent first, whatever order switchers are in; one that nothing comes into is no mix', () => {
    const second = { order: '000a', label: 'ROOM MIX', kind: 'switchcom', place: { inside: 'deskrack1' } };
    expect(rolesOf(set('/devices/roommix01', second)).mixer?.where).toBe('SWITCHER');
    const plugged = rolesOf(
      set('/devices/roommix01', second),
      set('/devices/camextra1', { order: '000b', label: 'C4', kind: 'camoneinc' }),
      set('/links/linkextra', {
        from: { device: 'camextra1', port: 'hdmiout01' },
        to: { device: 'roommix01', port: 'hdmiin01' },
      }),
    );
    expect(
      Object.values(plugged).flatMap(({ key, where }) =>
        key.startsWith('mixer') ? [`${key}: ${where}`] : [],
      ),
    ).toEqual([...['mixer: SWITCHER', 'mixer roommix01: ROOM MIX']]);
    // Before anything is plugged in, somebody will mix what is there.
    expect(rolesOf(set('/links', {})).mixer?.where).toBe('SWITCHER');
  });

  it('ask for no director where nobody works a camera', () => {
    const locked = ['camwide01', 'camside01'].map(id => set(`/devices/${id}/worked`, 'locked'));
    expect(rolesOf(...locked).caller).toBeUndefined();
  });
});

describe('a line to a camera', () => {
  it('is not wanted by one person who mixes and works it, however far it is', () => {
    const about = (bundle: Bundle) =>
      snagsOf(bundle, 'hands.unheard').map(({ subjects }) => subjects.join(' '));
    expect(about(friday)).toEqual(['talkback camwide01 camside01', 'tally camwide01 camside01']);
    const self = withPlan(set('/assignments/assigncam3/person', 'tobinashgr'));
    expect(about(self)).toEqual(['talkback camwide01', 'tally camwide01']);
    // Odile calls, Tobin cuts: he knows what is on air, and must hear her.
    const called = { ...self, plan: applyPatch(self.plan, [put('caller', 'odilemarsh')]) };
    expect(about(called)).toEqual(['talkback camwide01 camside01', 'tally camwide01']);
  });
});

describe('the crew', () => {
  it('may be as many as are let in, those that are not found yet counted too', () => {
    const letIn = (crew: number): Bundle => ({
      ...friday,
      plan: applyPatch(friday.plan, [{ op: 'remove', path: '/assignments/assignmoni' }]),
      venue: applyPatch(friday.venue, [set('/facts/crew', crew)]),
    });
    expect(handsOf(friday).placesLeft.value).toBeNull();
    // Seven people, and nobody watches the stream yet.
    expect(handsOf(letIn(8)).placesLeft.value).toBe(0);
    expect(snagsOf(letIn(8), 'hands.crew-limit')).toEqual([]);
    expect(snagsOf(letIn(7), 'hands.crew-limit').map(({ title }) => title)).toEqual([
      'The crew is 8; 7 are let in.',
    ]);
  });
});
