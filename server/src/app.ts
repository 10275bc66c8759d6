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
import { join } from 'node:path';
import { z } from 'zod';
import type { Database } from './database/pool';
import { notFound, Refusal, refusalOf } from './errors';
import { bakes } from './repositories/bakes';
import { ovens, pantry, vessels } from './repositories/equipment';
import { formulas, versionsOf } from './repositories/formulas';
import { kitchens } from './repositories/kitchens';
import { idFrom, parse, resourceRoutes, shown } from './routes/resource';
import { CARD_SIZES, drawCard } from './card/draw';
import { cardFor } from './services/card';
import { keeperOf } from './services/keep';

/** What the application is given; tests give others. */
export interface AppDependencies {
  readonly database: Database;
  readonly version: string;
  readonly now: () => Date;
  /** Writes to the log what went wrong by our own fault. */
  readonly report: (cause: unknown) => void;
  /** Folder of the exported client, when there is one to serve. */
  readonly clientFolder?: string;
}

const cardQuerySchema = z.object({ size: z.enum(CARD_SIZES).default('A5') });

/** A bake with all its readings stays far under this. */
const BODY_LIMIT = '512kb';

const BODY_ERRORS: Readonly<Record<string, Refusal>> = {
  'entity.too.large': new Refusal(413, {
    code: 'too-large',
    message: 'That is more than fits in one go (512 kB). Shorten the note or the list.',
  }),
  'entity.parse.failed': new Refusal(400, {
    code: 'malformed',
    message: 'What was sent is not JSON.',
  }),
};

function errorHandler(report: (cause: unknown) => void): ErrorRequestHandler {
  return (cause, _request, response, next) => {
    if (response.headersSent) return next(cause);
    const type = (cause as { type?: string }).type ?? '';
    const refusal = BODY_ERRORS[type] ?? refusalOf(cause);
    if (!refusal) report(cause);
    const { status, body } =
      refusal ??
      new Refusal(500, {
        code: 'our-fault',
        message: 'Something broke on our side. What you entered is kept; try again.',
      });
    response.status(status).json({ error: body });
  };
}

/** The routes over the services over the repositories: the one place where they are put together. */
export function createApp(dependencies: AppDependencies): Express {
  const { database, now, version, report, clientFolder } = dependencies;
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
  app.use('/api', express.json({ limit: BODY_LIMIT }));

  app.get('/api/health', async (_request, response) => {
    const databaseState = await database.query('SELECT 1').then(
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
  const formulaKeeper = keeperOf(database, formulas, 'formula', now);
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

  if (clientFolder) {
    app.use(
      '/_expo',
      express.static(join(clientFolder, '_expo'), {
        immutable: true,
        maxAge: '1y',
        fallthrough: false,
      }),
    );
    app.use(
      '/assets',
      express.static(join(clientFolder, 'assets'), {
        immutable: true,
        maxAge: '1y',
        fallthrough: false,
      }),
    );
    app.use(
      express.static(clientFolder, {
        cacheControl: false,
        setHeaders: (response) => void response.setHeader('Cache-Control', 'no-cache'),
      }),
    );
    app.get('/{*path}', (_request, response) => {
      response.setHeader('Cache-Control', 'no-cache');
      response.sendFile(join(clientFolder, 'index.html'));
    });
  }
  app.use(errorHandler(report));
  return app;
}
