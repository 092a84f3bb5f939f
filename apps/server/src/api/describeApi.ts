import { Problem, ROUTE_SHAPES, ROUTES, type Route, type RouteName } from '@feverfew/contracts';
import type { INestApplication } from '@nestjs/common';
import { DocumentBuilder, type OpenAPIObject, SwaggerModule } from '@nestjs/swagger';
import { z } from 'zod';
import { DEVICE_COOKIE, SAFE_DEVICE_COOKIE } from '../devices/deviceCookie.js';
import { answerOf, type ProblemCode } from '../problems/problems.js';
import { TAGS } from './routeDoc.js';
import { ROUTE_DOCS } from './routeDocs.js';
import { ROUTE_EXAMPLES } from './routeExamples.js';

/** Problems of every route, of routes with an id, a body, a role, and of those that write. */
export function problemsOf(name: RouteName): readonly ProblemCode[] {
  const { method, path, role }: Route = ROUTES[name];
  const all: readonly ProblemCode[] = [
    'foreignHost',
    'foreignPage',
    ...(role === 'public' ? [] : (['notLetIn'] as const)),
    ...(role === 'public' || role === 'look' ? [] : (['notAllowed'] as const)),
    ...(path.includes(':id') ? (['notFound'] as const) : []),
    ...(ROUTE_SHAPES[name].body
      ? (['invalidInput', 'unknownReference', 'unreadableJson', 'notJson', 'tooLarge'] as const)
      : []),
    ...(method === 'GET' ? [] : (['busy', 'diskFull'] as const)),
    ...(ROUTE_DOCS[name].problems ?? []),
  ];
  return [...new Set(all)];
}

/**
 * The description of the API (OpenAPI): addresses, bodies and answers from the handlers; words, problems, roles and
 * examples from the table of routes.
 */
export function describeApi(app: INestApplication, version: string): OpenAPIObject {
  const builder = new DocumentBuilder()
    .setTitle('Feverfew')
    .setDescription('Plans, runs and the linen book of one household.')
    .setVersion(version)
    .addCookieAuth(SAFE_DEVICE_COOKIE, undefined, 'device')
    .addCookieAuth(DEVICE_COOKIE, undefined, 'deviceWithoutTls');
  for (const [tag, words] of Object.entries(TAGS)) builder.addTag(tag, words);
  const api = SwaggerModule.createDocument(app, builder.build());
  api.components = {
    ...api.components,
    schemas: { ...api.components?.schemas, Problem: shapeOfProblem() },
  };
  for (const operations of Object.values(api.paths))
    for (const operation of Object.values(operations) as Operation[])
      Object.assign(operation, described(operation));
  return api;
}

interface Operation {
  readonly operationId: RouteName;
  readonly responses: Readonly<Record<string, object>>;
  readonly requestBody?: { readonly content: Readonly<Record<string, object>> };
}

/** A body that its own reader checks: a file of this version or of an earlier one. */
const ANY_OBJECT = { required: true, content: { 'application/json': { schema: { type: 'object' } } } };

function described(operation: Operation): object {
  const { operationId: name, responses } = operation;
  const requestBody = operation.requestBody ?? (ROUTE_SHAPES[name].body ? ANY_OBJECT : undefined);
  const { tag, summary, description } = ROUTE_DOCS[name];
  const { role } = ROUTES[name];
  const example = ROUTE_EXAMPLES[name];
  return {
    tags: [tag],
    summary,
    description: [
      description,
      role === 'public' ? 'Needs no connected device.' : `Needs the role \`${role}\`.`,
    ]
      .filter(Boolean)
      .join(' '),
    security: role === 'public' ? [] : [{ device: [] }, { deviceWithoutTls: [] }],
    ...(requestBody ? { requestBody: withExample(requestBody, example) } : {}),
    responses: { ...answered(responses, summary), ...problemResponses(problemsOf(name)) },
  };
}

/** The answer goes by the words of the route. */
const answered = (responses: Operation['responses'], description: string): object =>
  Object.fromEntries(
    Object.entries(responses).map(([status, response]) => [status, { ...response, description }]),
  );

const withExample = (requestBody: NonNullable<Operation['requestBody']>, example: unknown): object =>
  example === undefined
    ? requestBody
    : {
        ...requestBody,
        content: Object.fromEntries(
          Object.entries(requestBody.content).map(([media, body]) => [media, { ...body, example }]),
        ),
      };

/** One response for each status, with an example of each problem that has it. */
function problemResponses(codes: readonly ProblemCode[]): Record<string, object> {
  const byStatus = new Map<number, ProblemCode[]>();
  for (const code of codes) {
    const { status } = answerOf(code);
    byStatus.set(status, [...(byStatus.get(status) ?? []), code]);
  }
  return Object.fromEntries(
    [...byStatus].map(([status, ofStatus]) => [
      String(status),
      {
        description: ofStatus.map((code) => answerOf(code).title).join('; '),
        content: {
          'application/problem+json': {
            schema: { $ref: '#/components/schemas/Problem' },
            examples: Object.fromEntries(
              ofStatus.map((code) => {
                const { type, title } = answerOf(code);
                return [code, { value: { type, title, status, detail: `${title}.` } }];
              }),
            ),
          },
        },
      },
    ]),
  );
}

function shapeOfProblem() {
  const { $schema, ...shape } = z.toJSONSchema(Problem, { target: 'openapi-3.0' });
  return shape as never;
}
