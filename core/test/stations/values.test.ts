/** Values of the stations against worked examples and independent hand calculation. */
import { describe, expect, it } from 'vitest';
import { assess, type Assessment } from '../../src/assess.js';
import { fridayBundle } from '../../src/demo/index.js';
import type { Bundle, CableMake, Plan } from '../../src/documents/index.js';
import {
  applyPatch,
  constant,
  contains,
  footprint,
  lengthOf,
  type Operation,
  type Point,
  type VideoFormat,
} from '../../src/foundations/index.js';
import { applyVenueChanges } from '../../src/stations/ground/venue-changes.js';
import { stretchVenue } from '../../src/stations/ground/stretch.js';
import { reachOf } from '../../src/stations/runs/reach.js';
import { hiddenShare, overHeads, seatsBetween } from '../../src/stations/shots/sight.js';
import { pillarBlocker } from '../../src/foundations/room.js';

const friday = fridayBundle();
const assessment = assess(friday);
const withPlan = (...patch: Operation[]): Bundle => ({ ...friday, plan: applyPatch(friday.plan, patch) });
const number = (value: unknown): number => {
  expect(value).toBeTypeOf('number');
  return value as number;
};

describe('framing', () => {
  const shot = assessment.shots.shots.shotlecter;

  it('finds the slant distance and the focal length: f = w·d/W', () => {
    // From (10.4, 1.9) at 1.5 m to (18.6, 5.0) at 1.6 m: √(8.2² + 3.1² + 0.1²) = 8.76698 m.
    expect(number(shot?.distance.value)).toBeCloseTo(8.76698, 4);
    // 17.3 mm · 8.76698 m / 1.87 m = 81.1064 mm; the lens ends at 60 mm: 17.3 · 8.76698 / 60 = 2.52781 m.
    expect(number(shot?.focalNeeded.value)).toBeCloseTo(81.1064, 3);
    expect(shot?.reached.value).toBe(false);
    expect(number(shot?.frameGiven.value)).toBeCloseTo(2.52781, 4);
  });

  it('counts pixels across a face and the angle of view', () => {
    // 1920 · 0.16 / 2.52781 = 121.53 px; 2·atan(17.3 / 120) = 16.4072°.
    expect(number(shot?.facePixels.value)).toBeCloseTo(121.53, 2);
    expect(number(assessment.shots.cameras.camnorth1?.angleOfView.value)).toBeCloseTo(16.4072, 3);
  });

  it('measures the viewing angle from where the subject faces', () => {
    // Facing west (180°), camera at atan2(−3.1, −8.2) = −159.29°: 20.71° off.
    expect(number(shot?.viewingAngle.value)).toBeCloseTo(20.709, 2);
  });

  it('takes the extent and ten per cent for a whole area', () => {
    expect(number(assessment.shots.shots.shottables?.frameWanted.value)).toBeCloseTo(4.95, 9);
  });
});

describe('sight', () => {
  it('is half hidden by a pillar that covers one half of the frame', () => {
    // Pillar of 1 m whose south side lies on the line of sight, 5 m away; frame of 2 m at 10 m: its near face
    // (4.5 m away) covers 1 m / 4.5 m · 10 m = 2.2 m of one side, more than the half frame.
    const pillar = pillarBlocker('pillartest', { label: 'P', at: [5, -0.5], size: 1 });
    const { share, middle, by } = hiddenShare([0, 0], [10, 0], 2, [pillar]);
    expect(share).toBeCloseTo(0.5, 9);
    expect(middle).toBe(true);
    expect(by[0]?.label).toBe('P');
  });

  it('projects a small pillar to scale', () => {
    // 0.2 m wide, near face at 4.9 m, far face at 5.1 m; seen from 0 it spans ±0.1/4.9 · 10 = ±0.20408 m of 2 m.
    const pillar = pillarBlocker('pillartest', { label: 'P', at: [5, 0], size: 0.2 });
    expect(hiddenShare([0, 0], [10, 0], 2, [pillar]).share).toBeCloseTo(0.20408, 4);
    expect(hiddenShare([0, 0], [4, 0], 2, [pillar]).share).toBe(0);
  });

  it('passes over seated heads and not over standing ones', () => {
    // Lens 1.5 m, target 1.6 − 2/3 · 1.05 = 0.9 m (17.3 mm frames 1.87 m = 1.05 m high). A block whose far edge
    // lies at three quarters of the way: 1.5 − 0.6 · 0.75 = 1.05 m, below 1.3 + 0.1.
    const seats: Operation = {
      op: 'add',
      path: '/venueChanges',
      value: {
        changeseat: {
          path: '/areas/pewsnorth/outline',
          value: [
            [12.45, 2.5],
            [16.55, 2.5],
            [16.55, 4.5],
            [12.45, 4.5],
          ],
        },
      },
    };
    const shot = assess(withPlan(seats)).shots.shots.shotlecter;
    expect(number(shot?.overSeated.value)).toBeCloseTo(1.05 - 1.3, 2);
    expect(number(shot?.overStanding.value)).toBeCloseTo(1.05 - 1.8, 2);
  });
});

describe('reach', () => {
  const reach = (
    make: CableMake,
    format: VideoFormat,
    hdmiReach: 'cautious' | 'usual' | 'stretched' = 'usual',
  ): number =>
    number(
      reachOf('lead', { make, format, joints: 0, source: undefined }, { ...friday.rules, hdmiReach }).limit
        .value,
    );

  it.each([
    ['cautious', 9],
    ['usual', 15],
    ['stretched', 20],
  ] as const)('of plain HDMI in the %s school is %d m', (school, metres) => {
    expect(reach('hdmi-plain', '1080p25', school)).toBe(metres);
  });

  it('of coax follows its attenuation at half the clock', () => {
    // Thick, 3G: α = 0.568·√1485 + 0.00133·1485 = 23.863 dB/100 m; 100 · 18 / 23.863 = 75.4 m.
    expect(reach('coax-thick', '1080p50')).toBeCloseTo(75.43, 1);
    // Standard, HD: α = 0.723·√742.5 + 0.00167·742.5 = 20.941; 85.96 m.
    expect(reach('coax-standard', '1080p25')).toBeCloseTo(85.96, 1);
  });
});

describe('runs', () => {
  const { runs } = assessment.runs;
  const venue = assessment.ground.venue;

  it('stay inside the walls and out of the pillars', () => {
    for (const run of Object.values(runs)) {
      for (let i = 1; i < run.points.length; i++) {
        const [a, b] = [run.points[i - 1] as Point, run.points[i] as Point];
        for (let t = 0.05; t < 1; t += 0.05) {
          const at: Point = [a[0] + (b[0] - a[0]) * t, a[1] + (b[1] - a[1]) * t];
          const inside =
            contains(venue.outline, at) || at[0] < 0.3 || at[1] < 0.3 || at[0] > 19.7 || at[1] > 15.1;
          expect(inside, `${run.label} at ${at.join()}`).toBe(true);
          const pillar = Object.values(venue.pillars ?? {}).find(
            each =>
              Math.abs(each.at[0] - at[0]) < each.size / 2 - 0.13 &&
              Math.abs(each.at[1] - at[1]) < each.size / 2 - 0.13,
          );
          expect(pillar?.label, run.label).toBeUndefined();
        }
      }
    }
  });

  it('add rises, tails, doors and slack to the way over the floor', () => {
    // C3 to the desk: rises 1.6 + 0.75, tails 3 (operated) + 2 (desk), over the south door 2 · (2.1 + 0.3) = 4.8 m.
    const run = runs.linkside1;
    const floor = lengthOf(run?.points ?? []);
    expect(number(run?.onFloor.value)).toBeCloseTo(floor, 9);
    expect(number(run?.length.value)).toBeCloseTo((floor + 2.35 + 5 + 4.8) * 1.05, 9);
    expect(run?.crossings.map(zone => zone.label)).toEqual(['south door']);
  });

  it('go along the wall rather than straight over the floor', () => {
    const north = runs.linknort1;
    const alongWall = (north?.points ?? []).filter(([x, y]) => x < 0.4 || y < 0.4 || y > 15);
    expect(alongWall.length).toBeGreaterThanOrEqual(4);
  });

  it('give each cable once, and the shortest that is long enough', () => {
    const used = Object.values(runs).flatMap(run => run.items);
    expect(new Set(used).size).toBe(used.length);
    for (const run of Object.values(runs)) {
      if (run.items.length > 0) expect(number(run.excess.value)).toBeGreaterThanOrEqual(0);
    }
  });
});

describe('stream', () => {
  const { streams, recordings, budget } = assessment.stream;

  it('takes half of the worst upload and the best size that fits', () => {
    expect(budget.value).toBeCloseTo(3.15, 9);
    expect(streams.outstream1?.rung.value).toBe('720p30');
    // 3150 / 1.08 − 160 = 2756.67 kb/s on a rung of 2500–4000.
    expect(number(streams.outstream1?.videoRate.value)).toBeCloseTo(2756.67, 2);
    // 3.15 Mb/s · 95 min · 60 / 8000 = 2.24 GB; the next that 25 pictures a second are worth is 1080p30: (4000 + 160) · 1.08 = 4.4928 Mb/s.
    expect(number(streams.outstream1?.data.value)).toBeCloseTo(2.244, 3);
    expect(number(streams.outstream1?.nextNeeds.value)).toBeCloseTo(4.4928, 9);
  });

  it('reaches 1080p30 in the school of three quarters', () => {
    const bold = assess(withPlan({ op: 'add', path: '/rules', value: { uploadHeadroom: 'threeQuarters' } }));
    expect(bold.stream.streams.outstream1?.rung.value).toBe('1080p30');
  });

  it('counts disk for the programme and three cameras', () => {
    // 45 Mb/s · 4 · 0.45 = 81 GB/h; 95 min → 128.25 GB of 465.
    expect(recordings.outrecord1?.perHour.value).toBe(81);
    expect(number(recordings.outrecord1?.needed.value)).toBeCloseTo(128.25, 9);
    expect(recordings.outrecord1?.room.value).toBe(465);
  });
});

describe('power', () => {
  const { circuits, batteries, drops } = assessment.power;

  it('counts continuous load 1.25 times in the 80 % school', () => {
    // Urn 2400/230 = 10.4348 A; lamps 2 · 60/(230 · 0.9) + camera 9/(230 · 0.6) = 0.64493 A; · 1.25 = 0.80616.
    expect(number(circuits.circvestr?.counted.value)).toBeCloseTo(11.24094, 4);
    expect(number(circuits.circvestr?.share.value)).toBeCloseTo(86.469, 2);
    const full = assess(withPlan({ op: 'add', path: '/rules', value: { mainsLoad: 'full' } }));
    expect(number(full.power.circuits.circvestr?.counted.value)).toBeCloseTo(11.07971, 4);
  });

  it('times a battery from its age, reserve and load', () => {
    // 14.4 V · 6.8 Ah · (1 − 0.0004 · 105) · 0.85 = 79.7363 Wh; / 29 W = 164.97 min; needed 190 min.
    expect(number(batteries.battnorth?.usable.value)).toBeCloseTo(79.7363, 3);
    expect(number(batteries.battnorth?.margin.value)).toBeCloseTo(-25.02, 1);
    expect(batteries.battnorth?.ends.value).toBe('2026-12-04T20:39:58.293Z');
  });

  it('drops volts over a lead: 2·L·I·ρ/A', () => {
    // 10 m of 1.5 mm², lamp 60/(230·0.9) A: 2 · 10 · 0.289855 · 0.0214 / 1.5 = 0.0827 V = 0.03596 %.
    expect(number(drops.feedlamp1?.drop.value)).toBeCloseTo(0.03596, 4);
  });
});

describe('hands and brief', () => {
  it('count back from the start', () => {
    // 75 + 25 + 40 + 30 = 170 min before 19:30.
    expect(assessment.hands.call.value).toBe('2026-12-04T16:40:00.000Z');
    expect(assessment.brief.end.value).toBe('2026-12-04T21:05:00.000Z');
  });
});

describe('sight over heads on a raked floor', () => {
  const reading = (rake: { rise: number; towards: number }, head?: number): number => {
    const block = {
      label: 'tiers',
      kind: 'seating' as const,
      outline: footprint([6, 0], 4, false),
      floor: 0.1,
      rake,
      ...(head ? { standingHead: head } : {}),
    };
    const line = {
      run: 10,
      lens: constant('hL', 3, 'm', 'test'),
      target: constant('hT', 1, 'm', 'test'),
    };
    const seats = seatsBetween({ tiersall1: block }, [0, 0], [10, 0]);
    return number(overHeads('x', seats, line, 'standingHead', friday.rules).clear.value);
  };

  it('looks at the edge where the line comes nearest, with the floor there', () => {
    // The line is at 3 − 0.2 x: 2.2 m at x = 4, 1.4 m at x = 8. Rising east 1 m: floors 0.1 and 1.1; heads 1.8 m.
    expect(reading({ rise: 1, towards: 0 })).toBeCloseTo(1.4 - 1.1 - 1.8, 9);
    // Rising west 1 m: floors 1.1 at x = 4 and 0.1 at x = 8: 2.2 − 2.9 = −0.7 is nearer than 1.4 − 1.9 = −0.5.
    expect(reading({ rise: 1, towards: 180 })).toBeCloseTo(2.2 - 1.1 - 1.8, 9);
    expect(reading({ rise: 1, towards: 180 }, 1.2)).toBeCloseTo(2.2 - 1.1 - 1.2, 9);
  });
});

describe('a corrected dimension', () => {
  const patch = stretchVenue(friday.venue, friday.plan, 'navelength', 22);
  const plan: Plan = applyPatch(friday.plan, patch);
  const { venue, misfits } = applyVenueChanges(friday.venue, plan.venueChanges);

  it('keeps proportions within and moves what lies beyond', () => {
    expect(misfits).toEqual([]);
    expect(venue.outline[3]).toEqual([28, 4.4]);
    expect(venue.pillars?.pillarn01?.at).toEqual([5.06, 3.2]);
    expect(venue.marks?.markchoir?.at).toEqual([24.6, 7.7]);
    expect(venue.dimensions?.chanlength).toMatchObject({ from: 22, to: 28 });
    expect(plan.devices?.camnorth1?.place?.at).toEqual([11.44, 1.9]);
  });

  it('leaves the shared venue alone, and can be put back', () => {
    expect(friday.venue.outline[3]).toEqual([26, 4.4]);
    const back = applyPatch(plan, stretchVenue(friday.venue, plan, 'navelength', 20));
    expect(applyVenueChanges(friday.venue, back.venueChanges).venue).toEqual(friday.venue);
  });

  it('refuses lengths that are none', () => {
    expect(stretchVenue(friday.venue, friday.plan, 'navelength', 0)).toEqual([]);
    expect(stretchVenue(friday.venue, friday.plan, 'nosuchdimen', 5)).toEqual([]);
  });
});

describe('a change that no longer fits the venue', () => {
  it('is left out and told', () => {
    const changes = { changelost: { path: '/marks/markgone01/at', value: [1, 1] } };
    const { venue, misfits } = applyVenueChanges(friday.venue, changes);
    expect(venue).toBe(friday.venue);
    expect(misfits).toEqual(['changelost']);
    const lost: Assessment = assess(withPlan({ op: 'add', path: '/venueChanges', value: changes }));
    expect(lost.snags.find(({ rule }) => rule === 'ground.change-misfit')?.title).toBe(
      'This event’s change to one of the marks no longer fits the survey.',
    );
  });
});
