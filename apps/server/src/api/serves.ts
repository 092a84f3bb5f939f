import { ROUTE_SHAPES, ROUTES, type RouteAnswer, type RouteName, type RouteShape } from '@feverfew/contracts';
import {
  applyDecorators,
  Body,
  HttpCode,
  HttpStatus,
  RequestMapping,
  RequestMethod,
  type StreamableFile,
} from '@nestjs/common';
import { ApiOperation, ApiResponse } from '@nestjs/swagger';
import { z } from 'zod';
import { RequireRole } from './requireRole.js';

/** What a handler may return: the answer of its route, a file, or nothing where it writes the response itself. */
type Handled<Name extends RouteName> =
  | (RouteAnswer<Name> extends null ? string : RouteAnswer<Name>)
  | StreamableFile
  // biome-ignore lint/suspicious/noConfusingVoidType: a handler without content returns void.
  | void;

type Handler<Name extends RouteName> = (...args: never[]) => Handled<Name> | Promise<Handled<Name>>;

/**
 * Serves a route of the table: its method, address, status, role and description. A handler that answers something else
 * than the route does not compile.
 */
export function Serves<Name extends RouteName>(
  name: Name,
): <Method extends Handler<Name>>(
  target: object,
  key: string | symbol,
  handler: TypedPropertyDescriptor<Method>,
) => void {
  const route = ROUTES[name];
  const { answer, media }: Pick<RouteShape, 'media'> & { answer: unknown } = ROUTE_SHAPES[name];
  const status = 'status' in route ? route.status : HttpStatus.OK;
  return applyDecorators(
    RequestMapping({ method: RequestMethod[route.method], path: route.path }),
    HttpCode(status),
    RequireRole(route.role),
    ApiOperation({ operationId: name }),
    ApiResponse({
      status,
      ...(answer ? { standardSchema: answer as never } : {}),
      ...(media ? { content: { [media]: { schema: { type: 'string' } } } } : {}),
    }),
  );
}

/**
 * What was sent, held to the shape of the route. A body of any shape is left to its own reader, since the pipe would
 * take names such as `constructor` out of it.
 */
export const BodyOf = (name: RouteName): ParameterDecorator => {
  const { body } = ROUTE_SHAPES[name];
  return body && !(body instanceof z.ZodUnknown) ? Body({ schema: body }) : Body();
};
