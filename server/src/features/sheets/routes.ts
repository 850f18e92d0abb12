import {
  bundleOf,
  assess,
  checkList,
  cutList,
  formatCard,
  inputList,
  LABEL_PAPERS,
  LABEL_SIZES,
  layList,
  packList,
  patchList,
  powerList,
  rolesSheet,
  runningOrderSheet,
  SHEET_NAMES,
  type Assessment,
  type Hands,
  type Plan,
  type Sheet,
  type SheetName,
} from '@idle-satchel/core';

import { route, type Call, type Route } from '../../route.js';
import { eventBundle } from '../events/service.js';
import { cameraPlan } from './camera-plan.js';
import { csvOf } from './csv.js';
import { labelsPdf, labelsSvg, type LabelRequest } from './labels.js';
import { pdfOf } from './pdf.js';
import { schematicPdf, schematicSvg } from './schematic.js';

type Maker = (plan: Plan, assessment: Assessment, hands: Hands) => Sheet;

const SHEETS: Readonly<Record<SheetName, Maker>> = {
  'running-order': runningOrderSheet,
  'power-list': powerList,
  roles: rolesSheet,
  'check-list': checkList,
  'cut-list': cutList,
  'lay-list': layList,
  'pack-list': packList,
  'input-list': inputList,
  'patch-list': patchList,
  'format-card': formatCard,
};

async function sheetOf(
  { scope, id }: Call<unknown>,
  make: Maker,
): Promise<{ sheet: Sheet; imperial: boolean }> {
  const bundle = bundleOf(await eventBundle(scope, id()));
  const assessment = assess(bundle);
  return {
    sheet: make(bundle.plan, assessment, bundle.hands),
    imperial: assessment.rules.units === 'imperial',
  };
}

/** What a request for labels asks for: their size, the paper, and whether only what has changed. */
async function labelsOf(call: Call<unknown>) {
  const bundle = bundleOf(await eventBundle(call.scope, call.id()));
  const assessment = assess(bundle);
  const { request } = call;
  const address = `${request.protocol}://${request.get('host') ?? 'localhost'}/events/${call.id()}/runs`;
  const wish: LabelRequest = {
    size: call.choice('size', Object.keys(LABEL_SIZES) as LabelRequest['size'][], 'flag'),
    paper: call.choice(
      'paper',
      Object.keys(LABEL_PAPERS) as LabelRequest['paper'][],
      assessment.rules.units === 'imperial' ? 'LETTER' : 'A4',
    ),
    changed: call.choice('only', ['all', 'changed'], 'all') === 'changed',
    pageOf: link => `${address}?lead=${link}`,
  };
  return { bundle, assessment, wish };
}

export const sheetRoutes: readonly Route[] = [
  route('GET /events/:id/labels.pdf', async call => {
    const { bundle, assessment, wish } = await labelsOf(call);
    call.response.attachment('labels.pdf').type('application/pdf');
    labelsPdf(bundle, assessment, wish).pipe(call.response);
  }),
  route('GET /events/:id/labels.svg', async call => {
    const { bundle, assessment, wish } = await labelsOf(call);
    call.response.attachment('labels.svg').type('image/svg+xml');
    call.response.send(labelsSvg(bundle, assessment, wish, call.whole('page', 1)));
  }),
  route('GET /events/:id/camera-plan.pdf', async call => {
    const bundle = bundleOf(await eventBundle(call.scope, call.id()));
    const assessment = assess(bundle);
    const paper = assessment.rules.units === 'imperial' ? 'LETTER' : 'A4';
    call.response.attachment('camera-plan.pdf').type('application/pdf');
    cameraPlan(bundle, assessment, paper).pipe(call.response);
  }),
  route('GET /events/:id/schematic.pdf', async call => {
    const bundle = bundleOf(await eventBundle(call.scope, call.id()));
    const assessment = assess(bundle);
    const paper = assessment.rules.units === 'imperial' ? 'LETTER' : 'A4';
    const pdf = await schematicPdf(bundle, assessment, paper);
    call.response.attachment('schematic.pdf').type('application/pdf');
    pdf.pipe(call.response);
  }),
  route('GET /events/:id/schematic.svg', async call => {
    const bundle = bundleOf(await eventBundle(call.scope, call.id()));
    call.response.attachment('schematic.svg').type('image/svg+xml');
    call.response.send(await schematicSvg(bundle, assess(bundle)));
  }),
  ...SHEET_NAMES.flatMap((name): Route[] => [
    route(`GET /events/:id/${name}.pdf`, async call => {
      const { sheet, imperial } = await sheetOf(call, SHEETS[name]);
      call.response.attachment(`${name}.pdf`).type('application/pdf');
      pdfOf(sheet, imperial ? 'LETTER' : 'A4').pipe(call.response);
    }),
    route(`GET /events/:id/${name}.csv`, async call => {
      const { sheet } = await sheetOf(call, SHEETS[name]);
      call.response.attachment(`${name}.csv`).type('text/csv').send(csvOf(sheet));
    }),
  ]),
];
