/**
 * Ways of working that practitioners use, each built of library kinds: all that is said of it, and nothing else. What
 * belongs to work that is still to come is named and skipped.
 */
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import { faultsOf, Plan } from '../../src/documents/index.js';
import { EIGHTEEN } from './all.js';
import { BONDED, CHAPEL, HARD_CASE, INTERVIEW, NETWORK_RACK, PANORAMA, STREET } from './nine-to-eighteen.js';
import { DENSE_RACK } from './dense-rack.js';
import { CONTROL_ROOM } from './control-room.js';
import { FLY_CASE } from './fly-case.js';
import { BOOTH, CEREMONY, HYBRID } from './more.js';
import { FIRST_KIT, ONE_PERSON, SEMINAR, TRAVELLING } from './one-to-six.js';
import { SITE_OF_MANY } from './relay.js';
import { staged, toldOf, type SetUp } from './stage.js';

interface Expected {
  readonly setUp: SetUp;
  /** Every snag: its severity, its rule, and what it is about. */
  readonly says: readonly string[];
  /** What it must say, or show, once the work that is named is done. */
  readonly later: readonly string[];
}

const ALL: readonly Expected[] = [
  {
    setUp: SEMINAR,
    says: [
      'note runs.among-seats · sktsouth1>projector',
      'note runs.among-seats · switcher1>projector',
      'note runs.much-left · sktsouth1>projector',
      'note signal.screen-late · “Projection”',
      'note signal.view-missing · presenter',
      'risk runs.beyond-reach · switcher1>projector',
      'risk shots.heads-in-the-way · markgroup whole area · camwide01',
      'risk shots.heads-in-the-way · markspeak waist up · camclose1',
    ],
    later: [],
  },
  {
    setUp: ONE_PERSON,
    says: [
      'note shots.covered-once · camface01',
      'note shots.disturbing · camface01',
      'note shots.disturbing · camover01',
      'risk shots.out-of-reach · markgroup whole area · camover01',
      'risk shots.overhead · markgroup whole area · camover01',
      'stop signal.format-mismatch · laptopwor>switcher1 · laptopwor · switcher1',
    ],
    later: [],
  },
  {
    setUp: CONTROL_ROOM,
    says: [
      'note pack.lift · deskrack1',
      'note runs.much-left · camcarry1>patchbay1',
      'note runs.much-left · camstudio>patchbay1',
      'note runs.much-left · patchbay2>camcarry1',
      'note runs.much-left · patchbay2>camstudio',
      'note shots.covered-once · camcrane1',
      'note shots.covered-once · camstudio',
      'note shots.gear-in-picture · markgroup whole area · camcarry1 · camcrane1',
      'note shots.gear-in-picture · markspeak waist up · camcarry1 · camstudio',
      'note shots.too-bright · markgroup whole area · camcrane1',
      'note shots.too-bright · markspeak full figure · camcarry1',
      'note shots.too-bright · markspeak waist up · camstudio',
      'risk shots.not-sharp · markgroup whole area · camcrane1',
    ],
    later: ['exposure that differs between cameras cut together (shading)'],
  },
  {
    setUp: TRAVELLING,
    says: [
      'risk shots.heads-in-the-way · markgroup whole area · camone001',
      'risk shots.heads-in-the-way · markspeak waist up · camtwo001',
      'stop shots.heads-in-the-way · markspeak full figure · camthree1',
    ],
    later: [],
  },
  {
    setUp: FIRST_KIT,
    says: [
      'note power.earths-apart · housedesk>switcher1',
      'note signal.view-missing · presenter',
      'risk shots.heads-in-the-way · markspeak waist up · camera001',
      'risk signal.picture-unfit · camera001',
    ],
    later: ['line level into a microphone input (sound)'],
  },
  {
    setUp: SITE_OF_MANY,
    says: [
      'note pack.lift · desktable',
      'note shots.covered-once · camclose1',
      'note shots.covered-once · camwide01',
      'risk shots.not-sharp · markgroup whole area · camwide01',
      'risk signal.lip-sync · “To the relay”',
    ],
    later: ['one uplink a site, whatever the destinations; what still runs (stream)'],
  },
  {
    setUp: NETWORK_RACK,
    says: [
      'note pack.lift · netrack01',
      'note shots.covered-once · campan002',
      'risk racks.too-hot · netrack01',
      'risk shots.heads-in-the-way · markgroup whole area · campan002',
      'risk shots.heads-in-the-way · markspeak waist up · campan001',
      'risk signal.sound-missing · “Public stream”',
    ],
    later: [],
  },
  {
    setUp: HARD_CASE,
    says: ['note pack.lift · hardcase1', 'note signal.view-missing · mixerswitcher1'],
    later: [],
  },
  {
    setUp: PANORAMA,
    says: [
      'note shots.disturbing · campanor1',
      'note signal.view-missing · watcher',
      'risk stream.upload-unmeasured · “Panorama”',
      'risk stream.upload-unmeasured · “Second angle”',
    ],
    later: ['what is lost when the control network goes (faults)'],
  },
  {
    setUp: DENSE_RACK,
    says: [
      'note hands.unheard · tally · camlefts1 · camrights',
      'note pack.lift · deskrack1',
      'note power.earths-apart · housedesk>switcher1',
      'note racks.top-heavy · deskrack1',
      'note shots.covered-once · camlefts1',
      'note shots.covered-once · camrights',
      'note signal.view-missing · camera · camlefts1 · camrights',
      'risk pack.tried-here · capture01',
      'risk shots.not-sharp · markgroup whole area · camlefts1',
      'risk stream.upload-unmeasured · “Reserve”',
    ],
    later: [
      'ten pictures each way and the network on one trunk, its metres and one cable to lay (trunks)',
      'who hears whom over bridged talkback (sound)',
    ],
  },
  {
    setUp: CHAPEL,
    says: [
      'note shots.covered-once · camnorth1',
      'note signal.view-missing · presenter',
      'risk shots.not-sharp · markgroup whole area · camsouth1',
      'risk signal.one-computer · softmix01 · load',
    ],
    later: ['bus bandwidth (signal)'],
  },
  {
    setUp: BONDED,
    says: ['risk stream.upload-unmeasured · “Public stream”'],
    later: [],
  },
  {
    setUp: STREET,
    says: [
      'note shots.covered-once · phonetele',
      'note shots.covered-once · phonewide',
      'note shots.disturbing · tabletmix',
      'note signal.view-missing · watcher',
      'risk stream.upload-unmeasured · “Public stream”',
    ],
    later: [],
  },
  {
    setUp: INTERVIEW,
    says: [
      'note hands.unheard · tally · camroams1',
      'note runs.much-left · camtwo001>switcher1',
      'note shots.disturbing · camone001',
      'note shots.disturbing · camtwo001',
      'note shots.gear-in-picture · markgroup whole area · camroams1 · camtwo001',
      'note shots.gear-in-picture · markspeak full figure · camroams1 · camthree1',
      'note signal.view-missing · camera · camroams1',
      'risk hands.unheard · talkback · camroams1',
      'risk signal.lip-sync · “Public stream”',
    ],
    later: [],
  },
  {
    setUp: BOOTH,
    says: [
      'note pack.lift · deskrack1',
      'note shots.covered-once · campan002',
      'note shots.too-bright · markgroup whole area · campan002',
      'note shots.too-bright · markspeak full figure · campan003',
      'note shots.too-bright · markspeak waist up · campan001',
      'note signal.screen-late · “Booth screen”',
      'risk shots.not-sharp · markgroup whole area · campan002',
    ],
    later: [],
  },
  {
    setUp: HYBRID,
    says: [
      'note pack.lift · deskrack1',
      'note signal.screen-late · “Room”',
      'note signal.screen-late · “Stage”',
      'risk signal.lip-sync · “Call”',
    ],
    later: ['mix-minus, or the path of the echo (sound)', 'the card of the call (sound)'],
  },
  {
    setUp: CEREMONY,
    says: [
      'note runs.much-left · camlefts1>switcher1',
      'note runs.much-left · camrights>switcher1',
      'note runs.much-left · switcher1>sharedmon',
      'note shots.gear-in-picture · markgroup whole area · sharedmon · camhouse1',
      'risk pack.lift · deskrack1',
      'risk runs.beyond-reach · camhouse1>switcher1',
    ],
    later: ['two steps to go live (stream)'],
  },
  {
    setUp: FLY_CASE,
    says: [
      'note hands.unheard · tally · camonewid · camtwoclo',
      'note pack.lift · deskrack1',
      'note shots.covered-once · camonewid',
      'note shots.covered-once · camtwoclo',
      'note signal.view-missing · camera · camonewid · camtwoclo',
      'note signal.view-missing · presenter',
      'risk shots.not-sharp · markgroup whole area · camonewid',
      'risk signal.loop · mainswitc>substream · mainswitc · substream',
    ],
    later: [
      'the loop as one that is meant (signal)',
      'tracks by name (sound)',
      'minutes that pre-wiring saves (assemblies)',
    ],
  },
];

it('covers each of the eighteen once', () => {
  expect(ALL.map(({ setUp }) => setUp.label).sort()).toEqual(EIGHTEEN.map(({ label }) => label).sort());
});

describe.each(ALL.map(each => [each.setUp.label, each] as const))('%s', (_, { setUp, says, later }) => {
  const bundle = staged(setUp);

  it('is a plan without a fault', () => {
    expect(faultsOf(Plan, bundle.plan)).toEqual([]);
  });

  it('is said just this of', () => {
    expect(toldOf(assess(bundle).snags, bundle)).toEqual(says);
  });

  if (later.length > 0) it.skip.each(later)('says later: %s', () => undefined);
});
