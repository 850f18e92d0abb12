import { type Rules } from '@idle-satchel/core/documents';
import { ORGANISATION_COOKIE } from '../../context.js';
import { Organisation } from '../../database/models.js';
import { invalid } from '../../problem.js';
import { route, type Route } from '../../route.js';

export const organisationRoutes: readonly Route[] = [
  route('GET /organisation', async ({ scope }) => {
    const all = await Organisation.findAll({ order: [['id', 'ASC']] });
    const [row] = await scope.allOfKind('rules');
    const rules = row?.body as Rules | undefined;
    return {
      id: scope.organisationId,
      units: rules?.units ?? 'metric',
      ...(rules?.dates && { dates: rules.dates }),
      ...(rules?.currency && { currency: rules.currency }),
      organisations: all.map(({ id, name }) => ({ id, name })),
    };
  }),
  route('PUT /organisation', async ({ body, response }) => {
    const chosen = await Organisation.findByPk(body.id);
    if (!chosen) throw invalid([{ path: '/id', reason: 'is not an organisation here' }]);
    response.cookie(ORGANISATION_COOKIE, chosen.id, { sameSite: 'strict', httpOnly: true, path: '/' });
    return { id: chosen.id };
  }),
];
