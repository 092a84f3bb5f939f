import { randomBytes } from 'node:crypto';
import { existsSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { constants } from 'node:zlib';
import { NestFactory } from '@nestjs/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { SwaggerModule } from '@nestjs/swagger';
import compression from 'compression';
import express, { type NextFunction, type Request, type RequestHandler, type Response } from 'express';
import precompressedStatic from 'express-static-gzip';
import helmet, { type HelmetOptions } from 'helmet';
import { describeApi } from './api/describeApi.js';
import { AppModule } from './app.module.js';
import { type NewsLine, NO_OTHERS } from './changes/newsLine.js';
import { type ClockWatch, NO_JUMP } from './clock/steadyClock.js';
import type { Clock } from './database/database.module.js';
import type { Database } from './database/openDatabase.js';
import { authenticate } from './devices/authenticate.js';
import { DevicesService } from './devices/devices.service.js';
import type { LanSettings } from './network/lanServer.js';
import { ContractPipe } from './problems/contractPipe.js';
import { ProblemFilter } from './problems/problem.filter.js';
import { ServerError } from './problems/serverError.js';
import { requireJson, requireOwnHost, requireOwnPage } from './requests/ownPages.js';
import { trackInteractiveRequest } from './turns/cooperative.js';

const { version: VERSION } = JSON.parse(
  readFileSync(new URL('../package.json', import.meta.url), 'utf8'),
) as { version: string };

export interface AppOptions {
  readonly db: Database;
  readonly clock: Clock;
  /** Built web files; null serves the API alone. */
  readonly webDir: string | null;
  readonly quiet: boolean;
  /** The door to the household's network, shut until it is opened; without it there is none (tests). */
  readonly door?: LanSettings;
  /** Key that seals plans in a household file; by default one for this process alone. */
  readonly sealKey?: Buffer;
  readonly clockWatch?: ClockWatch;
  /** Events between servers on one database; by default there are no other servers. */
  readonly newsLine?: NewsLine;
  /** Whether no other server is at work on the database. */
  readonly isAlone?: boolean;
  /** The database answers nothing any more. */
  readonly onEngineGone?: () => void;
}

/** Used in tests: the LAN server stays closed and has no directory for its key. */
const NO_DOOR: LanSettings = { dir: join(tmpdir(), 'feverfew-no-door'), port: 4880, names: [] };

/** The whole application, not yet listening. */
export async function createApp({
  db,
  clock,
  webDir,
  quiet,
  door = NO_DOOR,
  sealKey = randomBytes(32),
  onEngineGone = () => undefined,
  clockWatch = NO_JUMP,
  newsLine = NO_OTHERS,
  isAlone = true,
}: AppOptions): Promise<NestExpressApplication> {
  const app = await NestFactory.create<NestExpressApplication>(
    AppModule.with({ db, clock, clockWatch, sealKey, door, newsLine, isAlone }),
    {
      logger: quiet ? false : ['error', 'warn'],
      // A device holds its line of changes open while it is seen: closing does not wait for it.
      forceCloseConnections: true,
      // Each route reads JSON of a size of its own, after it is known who asks (`BodyGuard`).
      bodyParser: false,
      // An error at start is thrown, and the starting script explains it in words.
      abortOnError: false,
    },
  );
  app.use(helmet(HEADERS));
  app.use(requireOwnHost(door.names));
  app.use('/api', requireOwnPage, requireJson, neverKept, authenticate(app.get(DevicesService)));
  app.use(compressed);
  app.setGlobalPrefix('api');
  app.use('/api/runs', deferBackgroundWork);
  app.useGlobalPipes(new ContractPipe());
  app.useGlobalFilters(new ProblemFilter(onEngineGone));
  SwaggerModule.setup('api/docs', app, () => describeApi(app, VERSION), {
    customSiteTitle: 'Feverfew API',
    // The bar at the top has only the logo of the library.
    customCss: '.swagger-ui .topbar { display: none }',
  });
  if (webDir && existsSync(webDir)) serveWeb(app, webDir);
  return app;
}

function deferBackgroundWork(_request: Request, response: Response, next: NextFunction): void {
  response.once('close', trackInteractiveRequest());
  next();
}

/** Hashed files for ever, index.html for every page address; unknown /api and /assets paths stay 404. */
function serveWeb(app: NestExpressApplication, webDir: string): void {
  const index = join(webDir, 'index.html');
  app.use(
    '/assets',
    // Pressed hard when they were built.
    precompressedStatic(join(webDir, 'assets'), {
      enableBrotli: true,
      orderPreference: ['br', 'gz'],
      serveStatic: { immutable: true, maxAge: '1y' },
    }),
    nothingHere,
  );
  app.use(
    express.static(webDir, {
      index: false,
      // The browser asks for it each time, to learn whether there is a newer one.
      setHeaders: (response) => response.setHeader('Cache-Control', 'no-cache'),
    }),
  );
  app.use((request: Request, response: Response, next: NextFunction) => {
    if (request.path === '/api' || request.path.startsWith('/api/')) return next();
    if (!['GET', 'HEAD'].includes(request.method)) return nothingHere(request, response, next);
    response.setHeader('Cache-Control', 'no-cache');
    response.sendFile(index);
  });
}

function nothingHere(_request: Request, _response: Response, next: NextFunction): void {
  next(new ServerError('notFound', { message: 'There is nothing at this address.' }));
}

/** Data of a household must not be cached by a browser or a proxy. */
function neverKept(_request: Request, response: Response, next: NextFunction): void {
  response.setHeader('Cache-Control', 'no-store');
  next();
}

/**
 * What a browser may do with our pages: only what comes from here. No upgrade to https and no promise of it, since a
 * household's network has neither; styles are written into the page by Emotion.
 */
const HEADERS: HelmetOptions = {
  contentSecurityPolicy: {
    useDefaults: false,
    directives: {
      defaultSrc: ["'self'"],
      scriptSrc: ["'self'", "'wasm-unsafe-eval'"],
      styleSrc: ["'self'", "'unsafe-inline'"],
      imgSrc: ["'self'", 'blob:', 'data:'],
      fontSrc: ["'self'"],
      connectSrc: ["'self'"],
      workerSrc: ["'self'", 'blob:'],
      objectSrc: ["'none'"],
      baseUri: ["'self'"],
      formAction: ["'self'"],
      frameAncestors: ["'none'"],
    },
  },
  strictTransportSecurity: false,
};

/** Quickly: at a higher quality, compressing the answer to a tap takes longer than the tap. */
const compressed: RequestHandler = compression({
  filter: shouldCompress,
  brotli: { params: { [constants.BROTLI_PARAM_QUALITY]: 4 } },
});

/** An event stream must not be compressed: compression would buffer the events. */
function shouldCompress(request: Request, response: Response): boolean {
  const type = String(response.getHeader('Content-Type') ?? '');
  return !type.startsWith('text/event-stream') && compression.filter(request, response);
}
