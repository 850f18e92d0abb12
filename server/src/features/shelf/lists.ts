/** Lists and labels of the shelf, of all things or of some. */
import { ITEM_LABEL_SIZES, LABEL_PAPERS, SHEET_ENDINGS, type ItemLabelSize } from '@idle-satchel/core';
import type { Kinds, Rules } from '@idle-satchel/core/documents';
import { SHELF_SHEET_NAMES, shelfSheet } from '@idle-satchel/core/shelf-sheets';
import type { Asked } from '../../asked.js';
import type { ItemRow } from '../../database/models.js';
import { FileAnswer, heavyRoute, type Route } from '../../route.js';
import { only } from '../events/service.js';
import { itemLabelsPdf } from '../sheets/labels.js';
import { bytesOf, paperOf } from '../sheets/paper.js';
import { sheetFile } from '../sheets/sheet-files.js';

/** The things that are asked for (?ids=, commas between), else all. */
export async function wantedItems({ scope, text }: Asked<unknown>): Promise<ItemRow[]> {
  const rows = await scope.items();
  const ids = text('ids')?.split(',');
  if (!ids) return rows;
  const wanted = new Set(ids);
  return rows.filter(({ id }) => wanted.has(id));
}

const houseOf = async ({ scope }: Asked<unknown>) => ({
  rules: (await only(scope, 'rules')).body as Rules,
  kinds: ((await only(scope, 'kinds')).body as Kinds).kinds,
});

export const shelfListRoutes: readonly Route[] = [
  heavyRoute('GET /shelf/labels.pdf', async asked => {
    const [{ rules, kinds }, rows] = [await houseOf(asked), await wantedItems(asked)];
    const { choice, origin } = asked;
    const size = choice('size', Object.keys(ITEM_LABEL_SIZES) as ItemLabelSize[], 'tag');
    const paper = choice('paper', Object.keys(LABEL_PAPERS) as (keyof typeof LABEL_PAPERS)[], paperOf(rules));
    const labels = rows.map(({ id, body: { tape, kind } }) => ({
      ...{ id, tape, what: kinds[kind]?.label ?? 'unknown kind', owner: rules.organisation },
    }));
    const pdf = itemLabelsPdf(labels, size, paper, id => `${origin}/shelf/${id}`);
    return new FileAnswer(await bytesOf(pdf), 'application/pdf', 'shelf-labels.pdf');
  }),
  ...SHELF_SHEET_NAMES.flatMap(name =>
    SHEET_ENDINGS.map(sort =>
      heavyRoute(`GET /shelf/${name}.${sort}`, async asked => {
        const [{ rules, kinds }, rows] = [await houseOf(asked), await wantedItems(asked)];
        const sheet = shelfSheet(
          name,
          rows.map(({ body: item }) => ({ item, kind: kinds[item.kind] })),
          {
            today: new Date().toISOString().slice(0, 10),
            ...{ organisation: rules.organisation, system: rules.units, dates: rules.dates },
          },
        );
        return sheetFile(sheet, sort, name, { paper: paperOf(rules) });
      }),
    ),
  ),
];
