/** What the set-ups say of their crews: roles, loads by the minute, lines to operators, the least crew. */
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import type { ItemAsks } from '../../src/documents/index.js';
import { applyPatch, inOrder, numberOf } from '../../src/foundations/index.js';
import { leastCrew, runSearch } from '../../src/searches/index.js';
import { remove, set } from '../stations/edited.js';
import { CONTROL_ROOM } from './control-room.js';
import { BOOTH, CEREMONY } from './more.js';
import { BONDED, CHAPEL, INTERVIEW } from './nine-to-eighteen.js';
import { ONE_PERSON, SEMINAR, TRAVELLING } from './one-to-six.js';
import { SITE_OF_MANY } from './relay.js';
import { staged, type SetUp } from './stage.js';

/** A set-up of which the live part asks for something, done by so many. */
function asking(setUp: SetUp, work: ItemAsks, crew = setUp.crew) {
  const bundle = staged({ ...setUp, crew });
  const [live = ''] = inOrder(bundle.plan.runningOrder).find(([, { phase }]) => phase === 'live') ?? [];
  const plan = applyPatch(bundle.plan, [set(`/runningOrder/${live}/asks`, work)]);
  const minutes = plan.runningOrder?.[live]?.minutes ?? NaN;
  return { bundle: { ...bundle, plan }, live, minutes, hands: assess({ ...bundle, plan }).hands };
}
const keys = (setUp: SetUp): string[] => Object.keys(assess(staged(setUp)).hands.roles);

describe('roles', () => {
  it('ask nobody for the own laptop of the speaker, where nothing is streamed either', () => {
    expect(keys(SEMINAR)).toEqual(['lead', 'mixer', 'floor']);
  });

  it('ask one person to shade all cameras that are set over their return', () => {
    const { roles } = assess(staged(CONTROL_ROOM)).hands;
    expect(roles.shading?.why).toMatch(/^sets the exposure of .+ over their return$/);
    expect(Object.keys(roles).filter(key => key.startsWith('shading'))).toHaveLength(1);
  });

  it('ask for no helper where a camera is free of leads', () => {
    for (const setUp of [BONDED, INTERVIEW])
      expect(keys(setUp).filter(key => key.startsWith('helper'))).toEqual([]);
  });
});

describe('one person', () => {
  it('is told their load by the minute, of everything that they do at once', () => {
    const work = { cuts: 4, slides: 20, cues: 10, chats: 12 };
    const { hands, live, minutes } = asking(ONE_PERSON, work);
    const { least, most } = hands.workload.person000?.items[live] ?? {};
    const seconds = 4 * minutes * 2 + 20 * 3 + 10 * 4 + 12 * 15;
    expect(numberOf(least)).toBeCloseTo((100 * seconds) / (minutes * 60), 9);
    // How much attention the floor takes is not counted by anybody.
    expect(most?.why).toBe('nothing counts what Floor takes');
  });

  it('who mixes and works the cameras calls nobody, and needs neither talkback nor tally', () => {
    const { bundle } = asking({ ...TRAVELLING, crew: 1 }, { cuts: 6, reframes: 4 });
    const { hands, snags } = assess(bundle);
    expect(snags.filter(({ rule }) => rule === 'hands.unheard')).toEqual([]);
    const formulas = Object.values(hands.workload.person000?.items ?? {}).map(
      ({ least }) => least.working.terms.find(({ name }) => name === 'calls')?.value,
    );
    expect(formulas).toEqual([0]);
  });
});

it('whoever mixes and steers in a booth has both in one load', () => {
  // Three pan-tilts, each framed anew 10 times, and 5 cuts a minute, by one of one.
  const { hands, live, minutes } = asking({ ...BOOTH, crew: 1 }, { cuts: 5, reframes: 10 });
  const least = numberOf(hands.workload.person000?.items[live]?.least);
  expect(least).toBeCloseTo((100 * (5 * minutes * 2 + 3 * 10 * 8)) / (minutes * 60), 9);
});

it('a booth says that nothing works its switcher where that has no panel, and the laptop for it has no network', () => {
  const bundle = staged(BOOTH);
  const kinds = applyPatch(bundle.kinds, [set('/kinds/switchtwo/inside/control', 'network')]);
  const told = (...changes: ReturnType<typeof set>[]) =>
    assess({ ...bundle, kinds, plan: applyPatch(bundle.plan, changes) })
      .snags.filter(({ rule }) => rule === 'signal.unworked')
      .map(({ severity, subjects }) => [severity, ...subjects]);
  expect(told()).toEqual([]);
  const [lead] = inOrder(bundle.plan.links).find(([, { to }]) => to.port === 'usbnet001') ?? [];
  expect(told(remove(`/links/${lead}`))).toEqual([['risk', 'switcher1']]);
});

it('a site says who is down for another site at the same time', () => {
  const { bundle } = asking(SITE_OF_MANY, {});
  const { start } = bundle.plan;
  const ends = new Date(Date.parse(start) + 3_600_000).toISOString();
  const duties = {
    dutyother1: {
      person: 'person000',
      event: 'The next site',
      from: start,
      begin: start,
      end: ends,
      to: ends,
    },
  };
  const { snags } = assess({ ...bundle, claims: { ...bundle.claims, duties } });
  expect(
    snags.filter(({ rule }) => rule === 'hands.elsewhere').map(({ severity, title }) => [severity, title]),
  ).toEqual([
    [
      'stop',
      expect.stringMatching(
        / is down for The next site too, which is live at the same time, and elsewhere\.$/,
      ),
    ],
  ]);
});

it('a chapel that lets two in has room for two, and none for three', () => {
  const left = (crew: number) => {
    const bundle = staged({ ...CHAPEL, crew });
    const venue = applyPatch(bundle.venue, [set('/facts', { ...bundle.venue.facts, crew: 2 })]);
    const { hands, snags } = assess({ ...bundle, venue });
    return [hands.placesLeft.value, snags.some(({ rule }) => rule === 'hands.crew-limit')];
  };
  expect([left(2), left(3)]).toEqual([
    [0, false],
    [-1, true],
  ]);
});

it('a ceremony has its least crew: one at each camera that is worked, and one at the desk', async () => {
  const { bundle } = asking(CEREMONY, { cuts: 3, reframes: 5, cues: 4, chats: 2 });
  const means = { solve: () => Promise.reject(new Error('no solver')), now: () => 0 };
  const { answer } = await runSearch(leastCrew, bundle, {}, means);
  expect([answer.crew.length, answer.anybody, answer.nobody, answer.tooFew]).toEqual([3, 3, [], []]);
});
