/** What reaches what: adapters and converters in between, rings, loose ends, and what the switcher has left. */
import { describe, expect, it } from 'vitest';
import { assess, createAssessor } from '../../src/assess.js';
import { applyFix, fixesFor } from '../../src/fixes.js';
import { assessed, edited, friday, remove, set } from './edited.js';

const plug = (from: string, fromPort: string, to: string, toPort: string): object => ({
  from: { device: from, port: fromPort },
  to: { device: to, port: toPort },
});

describe('a source', () => {
  it('is on the switcher input that its link leads to', () => {
    const { sources } = assessed().signal;
    expect(sources.camwide01?.input.value).toBe('HDMI in 1');
    expect(sources.laptopwor?.input.value).toBe('HDMI in 4');
    expect(Object.keys(sources).sort()).toEqual(['camnorth1', 'camside01', 'camwide01', 'laptopwor']);
  });

  it('is followed through its adapter once that is added', () => {
    const snag = assess(friday).snags.find(each => each.rule === 'signal.connector-mismatch');
    const [fix] = fixesFor(snag?.id ?? '', friday);
    expect(fix?.label).toBe('Add the adapter ADD 01');
    const after = assess(applyFix(friday, fix ?? { changes: [] }));
    const { input } = after.signal.sources.camside01 ?? {};
    expect(input?.value).toBe('HDMI in 3');
    expect(input?.working.method).toContain('C3 SIDE adapter');
    expect(Object.values(after.signal.links).every(({ mates }) => mates.value === true)).toBe(true);
  });

  it('goes nowhere when its link is pulled, and says so', () => {
    const { input } = assessed(remove('/links/linkwide1')).signal.sources.camwide01 ?? {};
    expect(input).toMatchObject({ value: null, why: 'its picture goes nowhere' });
  });

  it('that ends in something else than a switcher names it', () => {
    const link = plug('camwide01', 'hdmiout01', 'screennor', 'hdmiin001');
    const { signal } = assessed(remove('/links/linkscree'), set('/links/linkwide1', link));
    expect(signal.sources.camwide01?.input.value).toBe('AISLE SCREEN');
  });
});

describe('the switcher', () => {
  it('counts its video inputs, those in use and those to spare', () => {
    const full = assessed().signal.countables.switcher1?.inputs;
    expect([full?.have.value, full?.used.value, full?.spare.value]).toEqual([4, 4, 0]);
    const less = assessed(remove('/links/linkword1')).signal.countables.switcher1?.inputs;
    expect([less?.have.value, less?.used.value, less?.spare.value]).toEqual([4, 3, 1]);
  });

  it('counts an input once when two leads are pushed into it, which is a stop', () => {
    const both = assessed(set('/links/linkword1', plug('laptopwor', 'hdmiout01', 'switcher1', 'hdmiin03')));
    expect(both.signal.countables.switcher1?.inputs?.used.value).toBe(3);
    expect(both.snags.find(snag => snag.rule === 'signal.port-twice')?.severity).toBe('stop');
  });
});

describe('an output', () => {
  it('is fed by the programme of the switcher, however far down the line it comes out', () => {
    const { outputs } = assessed().signal;
    for (const { fedBy } of Object.values(outputs)) expect(fedBy.value).toBe('programme of SWITCHER');
    expect(outputs.outrecord1?.fedBy.working.method).toContain('SWITCHER → RECORDER');
  });

  it('is fed by one source alone when there is no switcher in between', () => {
    const link = plug('camwide01', 'hdmiout01', 'screennor', 'hdmiin001');
    const { signal } = assessed(remove('/links/linkscree'), set('/links/linkwide1', link));
    expect(signal.outputs.outscreen1?.fedBy.value).toBe('C1 WIDE alone');
  });

  it.each([
    ['no device is chosen for it', remove('/outputs/outscreen1/device')],
    ['its device is gone', set('/outputs/outscreen1/device', 'nosuchdev')],
    ['nothing is plugged into AISLE SCREEN', remove('/links/linkscree')],
  ] as const)('says that %s', (why, edit) => {
    const after = assessed(edit);
    expect(after.signal.outputs.outscreen1?.fedBy).toMatchObject({ value: null, why });
    const snag = after.snags.find(each => each.rule === 'signal.output-unfed');
    expect(snag).toMatchObject({ severity: 'stop', outputs: ['outscreen1'] });
  });

  it('is not fed by a ring of links, and the walk ends', () => {
    const converter = {
      label: 'Converter',
      family: 'converter',
      ports: {
        convin001: { order: '1', label: 'in', direction: 'in', connector: 'HDMI A', carries: 'video' },
        convout01: { order: '2', label: 'out', direction: 'out', connector: 'HDMI A', carries: 'video' },
      },
    };
    const device = (order: string): object => ({ order, label: `RING ${order}`, kind: 'convring1' });
    const plan = edited(
      set('/devices/ringone01', device('x1')),
      set('/devices/ringtwo02', device('x2')),
      set('/links/ringlink1', plug('ringone01', 'convout01', 'ringtwo02', 'convin001')),
      set('/links/ringlink2', plug('ringtwo02', 'convout01', 'ringone01', 'convin001')),
      set('/outputs/outscreen1/device', 'ringone01'),
    ).plan;
    const kinds = { ...friday.kinds, kinds: { ...friday.kinds.kinds, convring1: converter } };
    const after = assess({ ...friday, plan, kinds: kinds as typeof friday.kinds });
    expect(after.signal.outputs.outscreen1?.fedBy.why).toBe('its links run in a ring');
  });

  it('is fed through a matrix that its way leads through twice, by other ports', () => {
    const within = (id: string, kind: string, more = {}) =>
      set(`/devices/${id}`, { order: 'zz', label: id, kind, place: { inside: 'deskrack1' }, ...more });
    const crossed = {
      sdiout0001: { bus: 'aux', input: 'sdiin0001' },
      sdiout0002: { bus: 'aux', input: 'sdiin0002' },
    };
    const { signal } = assessed(
      within('matrix001', 'matrixeig', { buses: crossed }),
      within('scaler001', 'scalersdi'),
      set('/links/linkwide1', plug('camwide01', 'hdmiout01', 'matrix001', 'sdiin0001')),
      set('/links/linkscal1', plug('matrix001', 'sdiout0001', 'scaler001', 'sdiin0001')),
      set('/links/linkscal2', plug('scaler001', 'sdiout001', 'matrix001', 'sdiin0002')),
      set('/links/linkscree', plug('matrix001', 'sdiout0002', 'screennor', 'hdmiin001')),
    );
    const { fedBy, format } = signal.outputs.outscreen1 ?? {};
    expect(fedBy?.value).toBe('C1 WIDE alone');
    expect(fedBy?.working.method).toContain('C1 WIDE → matrix001 → scaler001 → matrix001 → AISLE SCREEN');
    expect(format?.value).toBe('1080p25');
  });

  it('is followed back over every lead, not only the first', () => {
    const { signal } = assessed(
      set('/devices/inlead001', {
        order: 'zz',
        label: 'EMPTY',
        kind: 'scalerhdm',
        place: { inside: 'deskrack1' },
      }),
      remove('/links/linkscree'),
      set('/links/aempty001', plug('inlead001', 'hdmiout01', 'screennor', 'hdmiin001')),
      set('/links/linkscree', plug('switcher1', 'hdmiout01', 'screennor', 'hdmiin001')),
    );
    expect(signal.outputs.outscreen1?.fedBy.value).toBe('programme of SWITCHER');
  });

  it('is not fed by a switcher into which only empty boxes lead', () => {
    const leads = ['linkwide1', 'linknort1', 'linkside1', 'linkword1'].map(id => remove(`/links/${id}`));
    const { signal } = assessed(
      ...leads,
      set('/devices/inlead001', {
        order: 'zz',
        label: 'EMPTY',
        kind: 'scalerhdm',
        place: { inside: 'deskrack1' },
      }),
      set('/links/aempty001', plug('inlead001', 'hdmiout01', 'switcher1', 'hdmiin01')),
    );
    expect(signal.outputs.outscreen1?.fedBy).toMatchObject({ value: null, why: 'SWITCHER has no source' });
  });
});

describe('plugs', () => {
  it('mate with their own connector only, at both ends of each link', () => {
    const { links } = assessed().signal;
    expect(links.linkside1?.mates.value).toBe(false);
    expect(links.linkwide1?.mates.value).toBe(true);
    const terms = links.linkside1?.mates.working.terms.map(term => term.value);
    expect(terms).toEqual(['HDMI D', 'HDMI A']);
  });

  it('are not judged where a port does not exist', () => {
    const { links } = assessed(set('/links/linkwide1/from/port', 'nosuchprt')).signal;
    expect(links.linkwide1?.mates).toMatchObject({ value: null, why: 'one end has no port' });
  });
});

describe('moving things about', () => {
  it('leaves the wiring alone: it is the very same object', () => {
    const assessor = createAssessor();
    const before = assessor(friday).signal;
    expect(assessor(edited(set('/devices/camwide01/place/at', [3, 7.7]))).signal).toBe(before);
    expect(assessor(edited(set('/devices/camwide01/label', 'C1 BACK'))).signal).not.toBe(before);
  });
});
