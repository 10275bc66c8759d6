import {
  bakeDataSchema,
  bakeSearchSchema,
  formulaDataSchema,
  kitchenDataSchema,
  ovenDataSchema,
  pantryDataSchema,
  vesselDataSchema,
  writeOf,
  type Health,
} from '@hollow-moon/contract';
import express, { type ErrorRequestHandler, type Express } from 'express';
import helmet from 'helmet';
import { z } from 'zod';
import { LOOPBACK_NAMES, onlyOurs } from './access';
import type { Database } from './database/pool';
import { notFound, Refusal, refusalOf } from './errors';
import { bakes } from './repositories/bakes';
import { ovens, pantry, vessels } from './repositories/equipment';
import { formulas, versionsOf } from './repositories/formulas';
import { kitchens } from './repositories/kitchens';
import { select } from './repositories/table';
import { idFrom, parse, resourceRoutes, shown } from './routes/resource';
import { CARD_SIZES, drawCard } from './card/draw';
import { servePages } from './pages';
import { cardFor } from './services/card';
import { notMadeOfItself } from './services/formulaRule';
import { keeperOf } from './services/keep';

/** What the application is given; tests give others. */
export interface AppDependencies {
  readonly database: Database;
  readonly version: string;
  readonly now: () => Date;
  /** Writes to the log what went wrong by our own fault. */
  readonly report: (cause: unknown) => void;
  /** Names under which the kitchen may be reached, without ports. */
  readonly hosts?: readonly string[];
  /** Folder of the exported client, when there is one to serve. */
  readonly clientFolder?: string;
}

const cardQuerySchema = z.object({ size: z.enum(CARD_SIZES).default('A5') });

/** What a page of ours may use of the device it is shown on: nothing but its screen. */
const NO_DEVICES =
  'accelerometer=(), camera=(), display-capture=(), geolocation=(), gyroscope=(), magnetometer=(), microphone=(), midi=(), payment=(), usb=()';

/** A bake with all its readings stays far under this. */
const BODY_LIMIT = '512kb';

function errorHandler(report: (cause: unknown) => void): ErrorRequestHandler {
  return (cause, _request, response, next) => {
    if (response.headersSent) return next(cause);
    const refusal = refusalOf(cause);
    if (!refusal) report(cause);
    const { status, body } =
      refusal ??
      new Refusal(500, {
        code: 'internal',
        message: 'Something broke on our side. Try again.',
      });
    // A file that could not be sent has said already what it would have been.
    response.removeHeader('Content-Encoding');
    response.status(status).type('json').json({ error: body });
  };
}

/** The routes over the services over the repositories: the one place where they are put together. */
export function createApp(dependencies: AppDependencies): Express {
  const { database, now, version, report, clientFolder, hosts = LOOPBACK_NAMES } = dependencies;
  const app = express();
  app.disable('x-powered-by');
  app.set('query parser', 'simple');
  app.use(
    helmet({
      contentSecurityPolicy: {
        // The client's styles are written into the page as it runs; it has no upgrade to make on loopback.
        directives: {
          'style-src': ["'self'", "'unsafe-inline'"],
          'worker-src': ["'self'", 'blob:'],
          'upgrade-insecure-requests': null,
        },
      },
      strictTransportSecurity: false,
    }),
  );
  app.use((_request, response, next) => {
    response.setHeader('Permissions-Policy', NO_DEVICES);
    next();
  });
  app.use(onlyOurs(hosts));
  app.use('/api', (_request, response, next) => {
    response.setHeader('Cache-Control', 'no-store');
    next();
  });
  app.use('/api', express.json({ limit: BODY_LIMIT }));

  app.get('/api/health', async (_request, response) => {
    const databaseState = await select(database, 'SELECT 1', []).then(
      () => 'ok' as const,
      () => 'away' as const,
    );
    const health: Health = {
      status: databaseState === 'ok' ? 'ok' : 'degraded',
      database: databaseState,
      version,
    };
    response.status(databaseState === 'ok' ? 200 : 503).json(health);
  });

  const kitchenKeeper = keeperOf(database, kitchens, 'kitchen', now);
  app.get('/api/kitchens', async (_request, response) => {
    response.json((await kitchenKeeper.list('')).map(shown));
  });
  app.put('/api/kitchens/:kitchenId', async (request, response) => {
    const id = idFrom(request, 'kitchenId', 'kitchen');
    const write = parse(writeOf(kitchenDataSchema), request.body);
    response.json(shown(await kitchenKeeper.put(id, id, write)));
  });
  const inKitchen = '/api/kitchens/:kitchenId';
  app.use(`${inKitchen}/*rest`, async (request, _response, next) => {
    const id = idFrom(request, 'kitchenId', 'kitchen');
    await kitchenKeeper.find(id, id);
    next();
  });
  const formulaKeeper = keeperOf(database, formulas, 'formula', now, notMadeOfItself);
  app.get(`${inKitchen}/formulas/:id/versions`, async (request, response) => {
    const kitchenId = idFrom(request, 'kitchenId', 'kitchen');
    const { id } = await formulaKeeper.find(kitchenId, idFrom(request, 'id', 'formula'));
    response.json(await versionsOf(database, kitchenId, id));
  });
  app.get(`${inKitchen}/formulas/:id/card.pdf`, async (request, response) => {
    const kitchenId = idFrom(request, 'kitchenId', 'kitchen');
    const id = idFrom(request, 'id', 'formula');
    const { size } = parse(cardQuerySchema, request.query);
    const pdf = await drawCard(await cardFor(database, kitchenId, id), size);
    response.type('application/pdf').send(pdf);
  });
  app.use(`${inKitchen}/formulas`, resourceRoutes(formulaKeeper, 'formula', formulaDataSchema));
  app.use(
    `${inKitchen}/vessels`,
    resourceRoutes(keeperOf(database, vessels, 'vessel', now), 'vessel', vesselDataSchema),
  );
  app.use(
    `${inKitchen}/ovens`,
    resourceRoutes(keeperOf(database, ovens, 'oven', now), 'oven', ovenDataSchema),
  );
  app.use(
    `${inKitchen}/pantry`,
    resourceRoutes(keeperOf(database, pantry, 'ingredient', now), 'ingredient', pantryDataSchema),
  );
  app.use(
    `${inKitchen}/bakes`,
    resourceRoutes(
      keeperOf(database, bakes, 'bake', now),
      'bake',
      bakeDataSchema,
      bakeSearchSchema,
    ),
  );
  app.use('/api', () => {
    throw notFound('address');
  });

  if (clientFolder) servePages(app, clientFolder);
  app.use(errorHandler(report));
  return app;
}
