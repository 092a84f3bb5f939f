import { readFileSync, writeFileSync } from 'node:fs';
import { ROUTE_SHAPES, ROUTES, type Route, type RouteName } from '@feverfew/contracts';
import type { OpenAPIObject } from '@nestjs/swagger';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { testApp } from '../test/testApp.js';
import { describeApi, problemsOf } from './describeApi.js';
import { ROUTE_EXAMPLES } from './routeExamples.js';

/** `npm run api-snapshot` writes it again after an intended change. */
const SNAPSHOT = new URL('../test/fixtures/api.json', import.meta.url);

let server: Awaited<ReturnType<typeof testApp>>;
let api: OpenAPIObject;
beforeAll(async () => {
  server = await testApp();
  api = describeApi(server.app, '0.0.0');
});
afterAll(() => server.close());

interface Operation {
  readonly operationId: string;
  readonly summary: string;
  readonly tags: readonly string[];
  readonly parameters: readonly { readonly name: string; readonly in: string; readonly required: boolean }[];
  readonly requestBody?: {
    readonly content: Readonly<Record<string, { schema: unknown; example: unknown }>>;
  };
  readonly responses: Readonly<Record<string, { content?: Readonly<Record<string, { schema: unknown }>> }>>;
  readonly security: readonly object[];
}
const operations = (): readonly (readonly [string, Operation])[] =>
  Object.entries(api.paths).flatMap(([path, methods]) =>
    Object.entries(methods).map(
      ([method, operation]) => [`${method.toUpperCase()} ${path}`, operation as Operation] as const,
    ),
  );

describe('the description of the API', () => {
  it('has every route of the table, and nothing else', () => {
    const listed = operations().map(([line, { operationId }]) => `${operationId}: ${line}`);
    const wanted = Object.entries<Route>(ROUTES).map(
      ([name, { method, path }]) => `${name}: ${method} /api${path.replace(':id', '{id}')}`,
    );
    expect(listed.sort()).toEqual(wanted.sort());
  });

  it('says of each what it is for, who may use it, and how it can fail', () => {
    for (const [line, { summary, tags, responses, security, operationId }] of operations()) {
      expect(summary.length, line).toBeGreaterThan(5);
      expect(tags, line).toHaveLength(1);
      expect(
        Object.keys(responses).some((status) => status.startsWith('4')),
        line,
      ).toBe(true);
      expect(security.length > 0, line).toBe(ROUTES[operationId as RouteName].role !== 'public');
    }
  });

  it('has a shape and an example of every body', () => {
    for (const [line, { operationId, requestBody }] of operations()) {
      const { body } = ROUTE_SHAPES[operationId as RouteName];
      const content = requestBody?.content['application/json'];
      expect(content !== undefined, line).toBe(body !== undefined);
      // A household file has a schema of its own, and settings are what was read before.
      if (
        !content ||
        ['importHousehold', 'updateHousehold', 'unmergePiece', 'answerMixQuestion'].includes(operationId)
      )
        continue;
      expect(content.schema, line).toBeTruthy();
      expect(content.example, line).toBeTruthy();
    }
  });

  it.each(Object.entries(ROUTE_EXAMPLES))('has a sound example for %s', (name, example) => {
    const { body } = ROUTE_SHAPES[name as RouteName];
    expect(body?.safeParse(example).error?.issues).toBeUndefined();
  });

  it('changes only where it is meant to', () => {
    const now = contractOf();
    if (process.env.WRITE_API_SNAPSHOT) writeFileSync(SNAPSHOT, now);
    expect(now).toBe(readFileSync(SNAPSHOT, 'utf8'));
  });
});

describe('the problems of a route', () => {
  it('follow from what it takes and who may use it', () => {
    expect(problemsOf('readHealth')).not.toContain('notLetIn');
    expect(problemsOf('readPiece')).toEqual(expect.arrayContaining(['notLetIn', 'notFound']));
    expect(problemsOf('readPiece')).not.toContain('notAllowed');
    expect(problemsOf('createPiece')).toEqual(
      expect.arrayContaining(['notAllowed', 'invalidInput', 'tooLarge', 'diskFull']),
    );
  });
});

/** What a client relies on: addresses, parameters, bodies, answers, problems, and the fields of every shape. */
function contractOf(): string {
  const lines = operations().map(([line, { operationId, parameters, requestBody, responses, security }]) => [
    line,
    {
      name: operationId,
      parameters: (parameters ?? []).map(
        ({ name, in: place, required }) => `${place} ${name}${required ? '' : '?'}`,
      ),
      body: refOf(requestBody?.content['application/json']?.schema),
      answers: Object.fromEntries(
        Object.entries(responses).map(([status, { content }]) => [
          status,
          Object.entries(content ?? {}).map(([media, { schema }]) => [media, refOf(schema)]),
        ]),
      ),
      isPublic: security.length === 0,
    },
  ]);
  const shapes = Object.entries(api.components?.schemas ?? {})
    // The knowledge as it is kept: its entries change with every version, and no request has them.
    .filter(([name]) => name !== 'Reference')
    .map(([name, shape]) => [name, fieldsOf(shape)]);
  return inLines([...lines, ...shapes]);
}

/** One entry to a line, so that a change is read as one. */
const inLines = (entries: readonly (readonly unknown[])[]): string => {
  const lines = Object.entries(sorted(entries)).map(
    ([name, one]) => `${JSON.stringify(name)}: ${JSON.stringify(one)}`,
  );
  return `{\n${lines.join(',\n')}\n}\n`;
};

const sorted = (entries: readonly (readonly unknown[])[]): object =>
  Object.fromEntries(
    [...entries].sort(([a], [b]) => (String(a) < String(b) ? -1 : 1)) as [string, unknown][],
  );

interface Shape {
  readonly $ref?: string;
  readonly type?: string;
  readonly items?: Shape;
  readonly properties?: Readonly<Record<string, Shape>>;
  readonly required?: readonly string[];
  readonly enum?: readonly unknown[];
  readonly anyOf?: readonly Shape[];
  readonly oneOf?: readonly Shape[];
  readonly allOf?: readonly Shape[];
  readonly nullable?: boolean;
}

/** A shape in one word, or its fields where it has no name. */
function refOf(schema: unknown): object | string {
  const { $ref, type, items, enum: values, properties, nullable, ...shape } = (schema ?? {}) as Shape;
  const union = shape.anyOf ?? shape.oneOf ?? shape.allOf;
  const word = (): object | string => {
    if ($ref) return $ref.split('/').at(-1) ?? '';
    if (items) return { each: refOf(items) };
    if (values) return values.map(String).join('|');
    if (union) return union.length === 1 ? refOf(union[0]) : { oneOf: union.map(refOf) };
    return properties ? fieldsOf(schema) : (type ?? '');
  };
  return nullable ? { nullable: word() } : word();
}

const fieldsOf = (schema: unknown): object | string => {
  const { properties, required = [] } = schema as Shape;
  if (!properties) return refOf(schema);
  return sorted(
    Object.entries(properties).map(([name, field]) => [
      `${name}${required.includes(name) ? '' : '?'}`,
      refOf(field),
    ]),
  );
};
