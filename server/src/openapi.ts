/** The OpenAPI document of the API, from the declared routes and the document classes. */
import { definitions } from '@idle-satchel/core/documents';
import { API, type Route } from './route.js';

/** References of JSON Schema rewritten to where OpenAPI keeps schemas. */
const relocated = (schemas: object): object =>
  JSON.parse(JSON.stringify(schemas).replaceAll('#/definitions/', '#/components/schemas/')) as object;

export function openApi(routes: readonly Route[]): object {
  const paths: Record<string, Record<string, object>> = {};
  for (const { method, path, summary, body, status } of routes) {
    const address = `${API}${path.replace(/:(\w+)/g, '{$1}')}`;
    const parameters = [...path.matchAll(/:(\w+)/g)].map(([, name]) => ({
      ...{ name, in: 'path', required: true, schema: { type: 'string' } },
    }));
    paths[address] = {
      ...paths[address],
      [method]: {
        summary,
        parameters,
        ...(body && {
          requestBody: {
            required: true,
            content: { 'application/json': { schema: { $ref: `#/components/schemas/${body.name}` } } },
          },
        }),
        responses: {
          [status ?? 200]: { description: summary },
          default: { description: 'A problem (RFC 9457)', content: { 'application/problem+json': {} } },
        },
      },
    };
  }
  return {
    openapi: '3.1.0',
    info: { title: 'Idle Satchel', version: '1' },
    paths,
    components: { schemas: relocated(definitions()) },
  };
}
