import {
  bakeDataSchema,
  dayDataSchema,
  orderDataSchema,
  formulaDataSchema,
  kitchenDataSchema,
  ovenDataSchema,
  pantryDataSchema,
  vesselDataSchema,
  writeOf,
  type FormulaData,
  type Health,
} from '@hollow-moon/contract';
import express, { type ErrorRequestHandler, type Express } from 'express';
import helmet from 'helmet';
import { z } from 'zod';
import { LOOPBACK_NAMES, onlyOurs } from './access';
import type { Database } from './database/pool';
import { notFound, Refusal, refusalOf, type ThingName } from './errors';
import { bakes } from './repositories/bakes';
import { days } from './repositories/days';
import { orders } from './repositories/orders';
import { ovens, pantry, vessels } from './repositories/equipment';
import { formulas, versionsOf } from './repositories/formulas';
import { kitchens } from './repositories/kitchens';
import { select } from './repositories/table';
import { bakeRoutes } from './routes/bakes';
import { dayRoutes, tookRoute } from './routes/days';
import { eventsRoute } from './routes/events';
import { idFrom, parse, readRoutes, shown, writeRoutes } from './routes/resource';
import { CARD_SIZES } from './card/draw';
import { METRIC, UNIT_CHOICES } from '@hollow-moon/words';
import type { CardAsk } from './card/worker';
import type { CalendarAsk } from './calendar/worker';
import { createCalendars } from './services/calendar';
import type { Run } from './threads/threads';
import { servePages } from './pages';
import { cardNeeds } from './services/card';
import { createChanges, telling, type Changes } from './services/changes';
import { notMadeOfItself } from './services/formulaRule';
import { keeperOf, type Keeper } from './services/keep';

/** What the application is given; tests give others. */
export interface AppDependencies {
  readonly database: Database;
  readonly version: string;
  readonly now: () => Date;
  readonly drawCards: Run<CardAsk, Uint8Array>;
  readonly makeCalendar: Run<CalendarAsk, string>;
  /** Told of everything that is written; whoever stops the server ends them. */
  readonly changes?: Changes;
  /** Writes to the log what went wrong by our own fault. */
  readonly report: (cause: unknown) => void;
  /** Names under which the kitchen may be reached, without ports. */
  readonly hosts?: readonly string[];
  /** Folder of the exported client, when there is one to serve. */
  readonly clientFolder?: string;
}

/** A day as it is printed: "30 Nov 2026". */
const DAY = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric' });

const cardQuerySchema = z.object({
  size: z.enum(CARD_SIZES).default('A5'),
  degrees: z.enum(UNIT_CHOICES.degrees).default(METRIC.degrees),
  lengths: z.enum(UNIT_CHOICES.lengths).default(METRIC.lengths),
  weights: z.enum(UNIT_CHOICES.weights).default(METRIC.weights),
});

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
    const { status, body } = refusal ?? new Refusal(500, 'internal');
    // A file that could not be sent has said already what it would have been.
    response.removeHeader('Content-Encoding');
    response.status(status).type('json').json({ error: body });
  };
}

/** What holds for every answer: its headers, who may ask, and how much may be sent. */
function guard(app: Express, hosts: readonly string[]): void {
  app.disable('x-powered-by');
  // What the API answers is never kept; the pages have tags of their own.
  app.disable('etag');
  app.set('query parser', 'simple');
  app.use(
    helmet({
      contentSecurityPolicy: {
        // The client's styles are written into the page as it runs; it has no upgrade to make on loopback.
        directives: {
          'style-src': ["'self'", "'unsafe-inline'"],
          'worker-src': ["'self'", 'blob:'],
          // A probe's stream is on this machine too.
          'connect-src': ["'self'", 'ws://127.0.0.1:*', 'ws://localhost:*'],
          'upgrade-insecure-requests': null,
        },
      },
      strictTransportSecurity: false,
    }),
  );
  // The solver's own thread compiles it from WebAssembly; no page may.
  app.use(
    '/solver',
    helmet.contentSecurityPolicy({
      directives: { 'script-src': ["'self'", "'wasm-unsafe-eval'"] },
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
}

function healthRoute(app: Express, { database, version }: AppDependencies): void {
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
}

const IN_KITCHEN = '/api/kitchens/:kitchenId';

/** The kitchens themselves; returns what refuses a kitchen that there is not. */
function kitchenRoutes(app: Express, { database, now }: AppDependencies, changes: Changes) {
  const kept = keeperOf(database, kitchens, 'kitchen', now);
  const kitchenKeeper = telling(kept, 'kitchens', changes);
  app.get('/api/kitchens', async (_request, response) => {
    response.json((await kitchenKeeper.list('')).map(shown));
  });
  app.put('/api/kitchens/:kitchenId', async (request, response) => {
    const id = idFrom(request, 'kitchenId', 'kitchen');
    const write = parse(writeOf(kitchenDataSchema), request.body);
    response.json(shown(await kitchenKeeper.put(id, id, write)));
  });
  const kitchenMustExist = async (id: string) => {
    await kitchenKeeper.find(id, id);
  };
  app.use(`${IN_KITCHEN}/*rest`, async (request, _response, next) => {
    // What is read says by itself that there is no such kitchen.
    if (request.method !== 'GET') await kitchenMustExist(idFrom(request, 'kitchenId', 'kitchen'));
    next();
  });
  return kitchenMustExist;
}

/** What is had of a formula beside itself: its versions and its bench card. */
function formulaRoutes(
  app: Express,
  { database, drawCards, now }: AppDependencies,
  formulaKeeper: Keeper<FormulaData>,
): void {
  app.get(`${IN_KITCHEN}/formulas/:id/versions`, async (request, response) => {
    const kitchenId = idFrom(request, 'kitchenId', 'kitchen');
    const { id } = await formulaKeeper.find(kitchenId, idFrom(request, 'id', 'formula'));
    response.json(await versionsOf(database, kitchenId, id));
  });
  app.get(`${IN_KITCHEN}/formulas/:id/card.pdf`, async (request, response) => {
    const kitchenId = idFrom(request, 'kitchenId', 'kitchen');
    const id = idFrom(request, 'id', 'formula');
    const { size, ...units } = parse(cardQuerySchema, request.query);
    const day = DAY.format(now());
    const needs = { ...(await cardNeeds(database, kitchenId, id)), day, units };
    response.type('application/pdf').send(Buffer.from(await drawCards({ needs, size })));
  });
}

/** The routes over the services over the repositories: the one place where they are put together. */
export function createApp(dependencies: AppDependencies): Express {
  const { database, now, report, clientFolder, hosts = LOOPBACK_NAMES } = dependencies;
  const { changes = createChanges() } = dependencies;
  const app = express();
  guard(app, hosts);
  healthRoute(app, dependencies);
  const kitchenMustExist = kitchenRoutes(app, dependencies, changes);
  app.get(`${IN_KITCHEN}/events`, eventsRoute(changes, kitchenMustExist));
  const formulaKeeper = keeperOf(database, formulas, 'formula', now, notMadeOfItself);
  formulaRoutes(app, dependencies, formulaKeeper);
  const resource = <Data extends { readonly archived: boolean }>(
    path: string,
    what: ThingName,
    kept: Keeper<Data>,
    schema: z.ZodType<Data>,
    reading = readRoutes(kept, what, kitchenMustExist),
  ) =>
    app.use(
      `${IN_KITCHEN}/${path}`,
      reading,
      writeRoutes(telling(kept, path, changes), what, schema),
    );
  resource('formulas', 'formula', formulaKeeper, formulaDataSchema);
  resource('vessels', 'vessel', keeperOf(database, vessels, 'vessel', now), vesselDataSchema);
  resource('ovens', 'oven', keeperOf(database, ovens, 'oven', now), ovenDataSchema);
  resource('pantry', 'ingredient', keeperOf(database, pantry, 'ingredient', now), pantryDataSchema);
  const dayKeeper = keeperOf(database, days, 'day', now);
  const calendarOf = createCalendars(database, dependencies.makeCalendar, now);
  const dayReading = dayRoutes(database, dayKeeper, kitchenMustExist, changes, calendarOf);
  resource('days', 'day', dayKeeper, dayDataSchema, dayReading);
  app.use(`${IN_KITCHEN}/took`, tookRoute(database, kitchenMustExist));
  resource('orders', 'order', keeperOf(database, orders, 'order', now), orderDataSchema);
  const bakeKeeper = keeperOf(database, bakes, 'bake', now);
  const bakeReading = bakeRoutes(database, bakeKeeper, kitchenMustExist, changes);
  resource('bakes', 'bake', bakeKeeper, bakeDataSchema, bakeReading);
  app.use('/api', () => {
    throw notFound('address');
  });

  if (clientFolder) servePages(app, clientFolder);
  app.use(errorHandler(report));
  return app;
}
