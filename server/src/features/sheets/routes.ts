import {
  assess,
  cutList,
  formatCard,
  inputList,
  LABEL_PAPERS,
  LABEL_SIZES,
  layList,
  packList,
  patchList,
  type Assessment,
  type Plan,
  type Sheet,
} from '@idle-satchel/core';
import { route, type Call, type Route } from '../../route.js';
import { bundleOf, coreBundle } from '../events/service.js';
import { cameraPlan } from './camera-plan.js';
import { csvOf } from './csv.js';
import { labelsPdf, labelsSvg, type LabelWish } from './labels.js';
import { pdfOf } from './pdf.js';
import { schematicPdf, schematicSvg } from './schematic.js';

const SHEETS: Readonly<Record<string, (plan: Plan, assessment: Assessment) => Sheet>> = {
  'cut-list': cutList,
  'lay-list': layList,
  'pack-list': packList,
  'input-list': inputList,
  'patch-list': patchList,
  'format-card': formatCard,
};

async function sheetOf(
  { scope, id }: Call<unknown>,
  make: (plan: Plan, assessment: Assessment) => Sheet,
): Promise<{ sheet: Sheet; imperial: boolean }> {
  const bundle = coreBundle(await bundleOf(scope, id()));
  const assessment = assess(bundle);
  return { sheet: make(bundle.plan, assessment), imperial: assessment.rules.units === 'imperial' };
}

/** What a request for labels asks for: their size, the paper, and whether only what has changed. */
async function labelsOf(call: Call<unknown>) {
  const bundle = coreBundle(await bundleOf(call.scope, call.id()));
  const assessment = assess(bundle);
  const { request } = call;
  const address = `${request.protocol}://${request.get('host') ?? 'localhost'}/events/${call.id()}/runs`;
  const wish: LabelWish = {
    size: call.choice('size', Object.keys(LABEL_SIZES) as LabelWish['size'][], 'flag'),
    paper: call.choice(
      'paper',
      Object.keys(LABEL_PAPERS) as LabelWish['paper'][],
      assessment.rules.units === 'imperial' ? 'LETTER' : 'A4',
    ),
    changed: call.choice('only', ['all', 'changed'], 'all') === 'changed',
    pageOf: link => `${address}?lead=${link}`,
  };
  return { bundle, assessment, wish };
}

export const sheetRoutes: readonly Route[] = [
  route({
    method: 'get',
    path: '/events/:id/labels.pdf',
    summary:
      'Labels for both ends of every lead as PDF; ?size=flag or wrap, ?paper=A4 or LETTER, ?only=changed for what is not as it was printed',
    handle: async call => {
      const { bundle, assessment, wish } = await labelsOf(call);
      call.response.attachment('labels.pdf').type('application/pdf');
      labelsPdf(bundle, assessment, wish).pipe(call.response);
      return undefined;
    },
  }),
  route({
    method: 'get',
    path: '/events/:id/labels.svg',
    summary: 'One page of those labels as SVG, by ?page from 1',
    handle: async call => {
      const { bundle, assessment, wish } = await labelsOf(call);
      call.response.attachment('labels.svg').type('image/svg+xml');
      call.response.send(labelsSvg(bundle, assessment, wish, call.whole('page', 1)));
      return undefined;
    },
  }),
  route({
    method: 'get',
    path: '/events/:id/camera-plan.pdf',
    summary: 'The plan with every camera, and a card for each with its settings and its picture, as PDF',
    handle: async call => {
      const bundle = coreBundle(await bundleOf(call.scope, call.id()));
      const assessment = assess(bundle);
      const paper = assessment.rules.units === 'imperial' ? 'LETTER' : 'A4';
      call.response.attachment('camera-plan.pdf').type('application/pdf');
      cameraPlan(bundle, assessment, paper).pipe(call.response);
      return undefined;
    },
  }),
  route({
    method: 'get',
    path: '/events/:id/schematic.pdf',
    summary: 'The schematic as PDF, over as many pages as it takes',
    handle: async call => {
      const bundle = coreBundle(await bundleOf(call.scope, call.id()));
      const assessment = assess(bundle);
      const paper = assessment.rules.units === 'imperial' ? 'LETTER' : 'A4';
      const pdf = await schematicPdf(bundle, assessment, paper);
      call.response.attachment('schematic.pdf').type('application/pdf');
      pdf.pipe(call.response);
      return undefined;
    },
  }),
  route({
    method: 'get',
    path: '/events/:id/schematic.svg',
    summary: 'The schematic as one SVG picture',
    handle: async call => {
      const bundle = coreBundle(await bundleOf(call.scope, call.id()));
      call.response.attachment('schematic.svg').type('image/svg+xml');
      call.response.send(await schematicSvg(bundle, assess(bundle)));
      return undefined;
    },
  }),
  ...Object.entries(SHEETS).flatMap(([name, make]) => [
    route({
      method: 'get',
      path: `/events/:id/${name}.pdf`,
      summary: `The ${name.replace('-', ' ')} as PDF, on Letter where units are imperial, else A4`,
      handle: async call => {
        const { sheet, imperial } = await sheetOf(call, make);
        call.response.attachment(`${name}.pdf`).type('application/pdf');
        pdfOf(sheet, imperial ? 'LETTER' : 'A4').pipe(call.response);
        return undefined;
      },
    }),
    route({
      method: 'get',
      path: `/events/:id/${name}.csv`,
      summary: `The ${name.replace('-', ' ')} as CSV`,
      handle: async call => {
        const { sheet } = await sheetOf(call, make);
        call.response.attachment(`${name}.csv`).type('text/csv').send(csvOf(sheet));
        return undefined;
      },
    }),
  ]),
];
