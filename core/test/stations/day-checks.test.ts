/** The checks that a design asks for: which, at which moment, in which words. */
import { describe, expect, it } from 'vitest';
import {
  cameraLabels,
  gearDrafts,
  lastDrafts,
  leadWords,
  outputDrafts,
  plugDrafts,
  rigDrafts,
  sourceDrafts,
} from '../../src/stations/day/wanted.js';
import { filterDrafts, lidDrafts } from '../../src/stations/day/case-drafts.js';
import { checkId, type Draft, type Drafts } from '../../src/stations/day/draft.js';
import type { PackLine } from '../../src/stations/pack/index.js';
import type { RunResult } from '../../src/stations/runs/result.js';
import type { Output } from '../../src/documents/index.js';
import { assess } from '../../src/assess.js';
import { givenFigure } from '../given.js';
import { friday } from './edited.js';

const bare = (drafts: Drafts): Draft[] => drafts.map(([, draft]) => draft);
const value = (of: unknown) => ({ value: of }) as never;

const line = (of: Partial<PackLine>): PackLine => ({
  group: 'Cameras',
  label: 'Camera',
  purpose: 'C1',
  tape: 'CAM 01',
  item: 'itemcam01',
  kind: 'camera',
  count: 1,
  inside: undefined,
  ...of,
});

describe('what must be shut', () => {
  it('is each drawer and each lid that something is in, and nothing that is in no case', () => {
    const drawer = {
      label: 'Drawer',
      family: 'rack part',
      rack: { units: 2, depth: 0.3, fitting: 'drawer' },
    } as const;
    const screen = { label: 'Screen', family: 'screen' } as const;
    const at = (label: string, kind: string, place?: { inside: string; lid?: boolean }) => ({
      ...{ order: '1', label, kind },
      ...(place && { place }),
    });
    const drafts = lidDrafts({
      kinds: { version: 1, kinds: { drawer, screen } },
      devices: {
        caseone01: at('CASE', 'case'),
        drawerone: at('DRAWER', 'drawer', { inside: 'caseone01' }),
        drawertwo: at('LOOSE DRAWER', 'drawer'),
        screenone: at('SCREEN', 'screen', { inside: 'caseone01', lid: true }),
        screentwo: at('OTHER', 'screen', { inside: 'caseone01' }),
      },
    });
    expect(bare(drafts).map(({ moment, label }) => [moment, label])).toEqual([
      ['Pack out', 'DRAWER in CASE is shut and latched'],
      ['Pack out', 'The lid of CASE with SCREEN is down and latched'],
      ['Count back in', 'DRAWER in CASE is shut and latched'],
      ['Count back in', 'The lid of CASE with SCREEN is down and latched'],
    ]);
  });
});

describe('what must be clean', () => {
  it('is each dust filter, where its fan is, before it leaves', () => {
    const fans = {
      label: 'Fans',
      family: 'rack part',
      air: { in: 'front', out: 'rear', filter: true },
    } as const;
    const bareFans = { ...fans, air: { in: 'front', out: 'rear' } } as const;
    const at = (label: string, kind: string) => ({
      order: label,
      label,
      kind,
      place: { inside: 'caseone01' },
    });
    const drafts = filterDrafts({
      kinds: { version: 1, kinds: { fans, bareFans } },
      devices: {
        caseone01: { order: 'a', label: 'CASE', kind: 'case' },
        fansone01: at('FANS', 'fans'),
        fanstwo01: at('OTHER FANS', 'bareFans'),
      },
    });
    expect(bare(drafts)).toEqual([
      { moment: 'Pack out', label: 'The dust filter of FANS is clean and dry', detail: 'CASE' },
    ]);
  });
});

describe('what leaves the cupboard', () => {
  const drafts = gearDrafts({ lines: { camera001: line({}), cards: line({ count: 3, label: 'Card' }) } });
  it('is packed out and counted back in, the whole list for each', () => {
    expect(bare(drafts).map(({ moment }) => moment)).toEqual([
      'Pack out',
      'Pack out',
      'Count back in',
      'Count back in',
    ]);
    expect(bare(drafts)[0]).toEqual({ moment: 'Pack out', label: 'Camera', detail: 'C1', tape: 'CAM 01' });
    expect(bare(drafts)[1]?.label).toBe('3 × Card');
  });

  it('is another check when another thing is set aside for it', () => {
    const ids = (item: string | undefined) =>
      gearDrafts({ lines: { camera001: line({ item }) } }).map(([id]) => id);
    expect(ids('itemcam01')).toEqual(ids('itemcam01'));
    expect(ids('itemcam02')).not.toEqual(ids('itemcam01'));
    expect(ids(undefined)).not.toEqual(ids('itemcam01'));
    expect(new Set(ids('itemcam01')).size).toBe(2);
  });
});

const run = (metres: number, of: Partial<RunResult> = {}): RunResult =>
  ({
    crosses: true,
    onFloor: givenFigure(metres, 'm'),
    crossings: [],
    label: `lead of ${metres} m`,
    cable: value('H10 01'),
    number: 'R1',
    ...of,
  }) as RunResult;

describe('what is rigged', () => {
  it('is every camera and every lead across the floor, in the order of the lay list', () => {
    const runs = { short: run(5), long: run(20), inside: run(1, { crosses: false }) };
    const leads = leadWords({ runs, looms: {} });
    expect(Object.keys(leads)).toEqual(['long', 'short']);
    expect(leads.long?.tape).toBe('H10 01');
    const drafts = rigDrafts({ cameras: cameraLabels({ cameras: { camera001: { label: 'C1' } } }), leads });
    expect(bare(drafts)).toEqual([
      {
        moment: 'Rig',
        label: 'C1 stands and points as planned',
        detail: 'stand weighted, strain relief on the plug',
      },
      { moment: 'Rig', label: 'lead of 20 m', detail: 'laid and taped', tape: 'H10 01' },
      { moment: 'Rig', label: 'lead of 5 m', detail: 'laid and taped', tape: 'H10 01' },
    ]);
  });

  it('says what a lead crosses, and no tape where it has no cable', () => {
    const crossings = [
      { kind: 'aisle', id: 'a', label: 'centre aisle' },
      { kind: 'door', id: 'd', label: 'main door' },
    ] as unknown as RunResult['crossings'];
    const leads = leadWords({ runs: { one: run(5, { crossings, cable: value(null) }) }, looms: {} });
    expect(bare(rigDrafts({ cameras: {}, leads }))).toEqual([
      {
        moment: 'Rig',
        label: 'lead of 5 m',
        detail: 'laid and taped, ramp over centre aisle, overhead at main door',
        tape: undefined,
      },
    ]);
  });
});

describe('what is plugged in', () => {
  const { signal, runs } = assess(friday);
  const drafts = plugDrafts({
    plugged: {},
    links: friday.plan.links,
    wiring: signal.wiring,
    runs: runs.runs,
  });
  it('is every lead of signals, and none of power', () => {
    const power = Object.values(friday.plan.links ?? {}).filter(
      ({ to }) => signal.wiring.portOf(to)?.carries === 'power',
    );
    expect(power.length).toBeGreaterThan(0);
    expect(drafts).toHaveLength(Object.keys(friday.plan.links ?? {}).length - power.length);
  });

  it('names both ports, the plug and the number on the tape', () => {
    const [, draft] = drafts.find(([id]) => id === checkId('Plug in', 'plug/linknort1')) ?? [];
    expect(draft).toEqual({
      moment: 'Plug in',
      label: 'C2 NORTH · HDMI out → SWITCHER · HDMI in 2',
      detail: 'HDMI A',
      tape: runs.runs.linknort1?.number,
    });
  });

  it('comes from the venue where it does', () => {
    expect(bare(drafts).some(({ label }) => label.startsWith('the venue → '))).toBe(true);
  });
});

describe('the line check', () => {
  it('asks for every setting and for the picture of every source that reaches something', () => {
    const drafts = sourceDrafts({
      devices: { laptop001: { label: 'WORDS' }, camera001: { label: 'C1' } } as never,
      settings: { laptop001: value('1920 × 1080, 50 Hz'), other0001: value(null) },
      sources: {
        camera001: { input: value('HDMI in 1') },
        laptop001: { input: value(null) },
      } as never,
    });
    expect(bare(drafts)).toEqual([
      { moment: 'Line check', label: 'WORDS is set to 1920 × 1080, 50 Hz' },
      { moment: 'Line check', label: 'Picture from C1', detail: 'seen on HDMI in 1' },
    ]);
  });

  it.each([
    ['stream', 'is received over another line', 'is ended'],
    ['recording', 'grows on the disk', 'is stopped and the file plays'],
    ['screen', 'shows the programme', 'is dark'],
  ] as const)('and the end ask for every %s', (kind, arrives, ends) => {
    const outputs = { output001: { order: '1', label: 'Main', kind } as Output };
    expect(bare(outputDrafts({ outputs }))).toEqual([
      { moment: 'Line check', label: `Main ${arrives}` },
      { moment: 'End', label: `Main ${ends}` },
    ]);
  });
});

describe('the last looks round', () => {
  const lineRate = givenFigure(6, 'Mb/s');
  const needed = givenFigure(90, 'GB');
  const drafts = lastDrafts({
    streams: { output001: { lineRate } },
    recordings: { output002: { needed } },
  } as unknown as Parameters<typeof lastDrafts>[0]);

  it('measure the upload and the disk against what is planned', () => {
    expect(bare(drafts).slice(0, 2)).toEqual([
      {
        moment: 'Before doors',
        label: 'Upload measured again',
        unit: 'Mb/s',
        atLeast: lineRate,
        detail: 'on the venue’s line, nothing else running',
      },
      { moment: 'Five minutes before', label: 'Disk space free', unit: 'GB', atLeast: needed },
    ]);
  });

  it('end with the exits before the doors and the sound five minutes before', () => {
    expect(
      bare(drafts)
        .slice(2)
        .map(({ moment }) => moment),
    ).toEqual(['Before doors', 'Five minutes before']);
    expect(lastDrafts({ streams: {}, recordings: {} })).toHaveLength(1);
  });

  it('have an id each', () => {
    expect(new Set(drafts.map(([id]) => id)).size).toBe(drafts.length);
    expect(checkId('Rig', 'a')).not.toBe(checkId('End', 'a'));
  });
});
