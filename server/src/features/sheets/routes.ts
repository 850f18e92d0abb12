import {
  LABEL_PAPERS,
  LABEL_SIZES,
  SHEET_ENDINGS,
  SHEET_NAMES,
  SHEETS,
  type Assessment,
} from '@idle-satchel/core';
import type { Asked } from '../../asked.js';
import { FileAnswer, heavyRoute, type Route } from '../../route.js';
import { assessedEvent, type Assessed } from '../events/assessed.js';
import { callSheetPdf } from './call-sheet.js';
import { cameraPlan } from './camera-plan.js';
import { elevationsDxf, elevationsPdf, elevationsSvg } from './elevations.js';
import { labelsPdf, labelsSvg, type LabelRequest } from './labels.js';
import { bytesOf, paperOf } from './paper.js';
import { schematicPdf, schematicSvg } from './schematic.js';
import { sheetFile } from './sheet-files.js';

const PDF = 'application/pdf';
const SVG = 'image/svg+xml';

/** What a request for labels asks for: their size, the paper, and whether only what has changed. */
const labelWish = ({ choice, id, origin }: Asked<unknown>, assessment: Assessment): LabelRequest => ({
  size: choice('size', Object.keys(LABEL_SIZES) as LabelRequest['size'][], 'flag'),
  paper: choice('paper', Object.keys(LABEL_PAPERS) as LabelRequest['paper'][], paperOf(assessment.rules)),
  changed: choice('only', ['all', 'changed'], 'all') === 'changed',
  pageOf: link => `${origin}/events/${id()}/runs?lead=${link}`,
});

const assessedFor = ({ scope, id }: Asked<unknown>): Promise<Assessed> => assessedEvent(scope, id());

export const sheetRoutes: readonly Route[] = [
  heavyRoute('GET /events/:id/labels.pdf', async asked => {
    const { bundle, assessment } = await assessedFor(asked);
    const pdf = labelsPdf(bundle, assessment, labelWish(asked, assessment));
    return new FileAnswer(await bytesOf(pdf), PDF, 'labels.pdf');
  }),
  heavyRoute('GET /events/:id/labels.svg', async asked => {
    const { bundle, assessment } = await assessedFor(asked);
    const svg = labelsSvg(bundle, assessment, labelWish(asked, assessment), asked.whole('page', 1));
    return new FileAnswer(svg, SVG, 'labels.svg');
  }),
  heavyRoute('GET /events/:id/camera-plan.pdf', async asked => {
    const { bundle, assessment } = await assessedFor(asked);
    const pdf = cameraPlan(bundle, assessment, paperOf(assessment.rules));
    return new FileAnswer(await bytesOf(pdf), PDF, 'camera-plan.pdf');
  }),
  heavyRoute('GET /events/:id/schematic.pdf', async asked => {
    const { bundle, assessment } = await assessedFor(asked);
    const pdf = await schematicPdf(bundle, assessment, paperOf(assessment.rules));
    return new FileAnswer(await bytesOf(pdf), PDF, 'schematic.pdf');
  }),
  heavyRoute('GET /events/:id/schematic.svg', async asked => {
    const { bundle, assessment } = await assessedFor(asked);
    return new FileAnswer(await schematicSvg(bundle, assessment), SVG, 'schematic.svg');
  }),
  heavyRoute('GET /events/:id/racks.pdf', async asked => {
    const { bundle, assessment } = await assessedFor(asked);
    const pdf = elevationsPdf(bundle, assessment, paperOf(assessment.rules));
    return new FileAnswer(await bytesOf(pdf), PDF, 'racks.pdf');
  }),
  heavyRoute('GET /events/:id/racks.svg', async asked => {
    const { bundle, assessment } = await assessedFor(asked);
    return new FileAnswer(elevationsSvg(bundle, assessment), SVG, 'racks.svg');
  }),
  heavyRoute('GET /events/:id/racks.dxf', async asked => {
    const { bundle, assessment } = await assessedFor(asked);
    return new FileAnswer(elevationsDxf(bundle, assessment), 'image/vnd.dxf', 'racks.dxf');
  }),
  heavyRoute('GET /events/:id/call-sheet.pdf', async asked => {
    const { bundle, assessment } = await assessedFor(asked);
    const pdf = callSheetPdf(bundle, assessment, paperOf(assessment.rules));
    return new FileAnswer(await bytesOf(pdf), PDF, 'call-sheet.pdf');
  }),
  ...SHEET_NAMES.flatMap(name =>
    SHEET_ENDINGS.filter(sort => name !== 'call-sheet' || sort !== 'pdf').map(sort =>
      heavyRoute(`GET /events/:id/${name}.${sort}`, async asked => {
        const { bundle, assessment } = await assessedFor(asked);
        const { origin, id } = asked;
        return sheetFile(SHEETS[name](bundle, assessment), sort, name, {
          paper: paperOf(assessment.rules),
          pageOf: of => `${origin}/events/${id()}/pack?case=${of}`,
        });
      }),
    ),
  ),
];
