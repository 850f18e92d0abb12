/** The OpenAPI document of the API, from its contract and the classes of documents, requests and answers. */
import { ROUTES, type Contract, type RouteName } from '@idle-satchel/core/api';
import { definitions, type DocumentClass } from '@idle-satchel/core/documents';
import { addressOf, API } from './route.js';

/** References of JSON Schema rewritten to where OpenAPI keeps schemas. */
const relocated = (schemas: object): object =>
  JSON.parse(JSON.stringify(schemas).replaceAll('#/definitions/', '#/components/schemas/')) as object;

const json = ({ name }: DocumentClass): object => ({
  'application/json': { schema: { $ref: `#/components/schemas/${name}` } },
});

function operation({ summary, body, answer, file, status = 200 }: Contract, path: string): object {
  const parameters = [...path.matchAll(/:(\w+)/g)].map(([, name]) => ({
    name,
    in: 'path',
    required: true,
    schema: { type: 'string' },
  }));
  const content = answer ? json(answer) : { [file ?? '*/*']: {} };
  return {
    summary,
    parameters,
    ...(body && { requestBody: { required: true, content: json(body) } }),
    responses: {
      [status]: { description: summary, content },
      default: { description: 'A problem (RFC 9457)', content: { 'application/problem+json': {} } },
    },
  };
}

export function openApi(): object {
  const paths: Record<string, Record<string, object>> = {};
  for (const [name, contract] of Object.entries(ROUTES)) {
    const { method, path } = addressOf(name as RouteName);
    const address = `${API}${path.replace(/:(\w+)/g, '{$1}')}`;
    paths[address] = { ...paths[address], [method]: operation(contract, path) };
  }
  return {
    openapi: '3.1.0',
    info: { title: 'Idle Satchel', version: '1' },
    paths,
    components: { schemas: relocated(definitions()) },
  };
}
