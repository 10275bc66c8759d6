/** A database that goes away and comes back: said so, nothing half done, the server never down. */
import { randomUUID } from 'node:crypto';
import { createServer, createConnection, type Server, type Socket } from 'node:net';
import request from 'supertest';
import { closeDatabase, openDatabase } from './database/pool';
import { createTestApp, createTestDatabase } from './testing/database';

/** A wire to the database that can be cut and mended. */
async function createWire(host: string, databasePort: number) {
  const sockets = new Set<Socket>();
  let hung = false;
  let held: (() => void)[] = [];
  const pass = (on: () => void) => {
    if (hung) held.push(on);
    else on();
  };
  const wire: Server = createServer((incoming) => {
    const outgoing = createConnection({ host, port: databasePort });
    for (const socket of [incoming, outgoing]) {
      sockets.add(socket);
      socket.on('error', () => undefined);
      socket.on('close', () => sockets.delete(socket));
    }
    incoming.on('data', (chunk) => pass(() => outgoing.write(chunk)));
    outgoing.on('data', (chunk) => pass(() => incoming.write(chunk)));
  });
  const listen = (port: number) =>
    new Promise<number>((resolve) =>
      wire.listen(port, '127.0.0.1', () => resolve((wire.address() as { port: number }).port)),
    );
  const port = await listen(0);
  const cut = async () => {
    for (const socket of sockets) socket.destroy();
    await new Promise((resolve) => wire.close(resolve));
  };
  /** Whether what is sent arrives: a hung database takes questions and never answers. */
  const hang = (now: boolean) => {
    hung = now;
    const arrived = now ? [] : held;
    held = now ? held : [];
    for (const on of arrived) on();
  };
  return { port, cut, hang, mend: () => listen(port) };
}

/** Asks until it is answered as hoped, for five seconds at most. */
async function comesTo(status: number, ask: () => request.Test): Promise<request.Response> {
  const until = Date.now() + 5000;
  for (;;) {
    const response = await ask();
    if (response.status === status || Date.now() > until) return response;
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
}

it('answers 503 while it is away, and works again by itself', async () => {
  const { url, drop } = await createTestDatabase();
  const address = new URL(url);
  const wire = await createWire(address.hostname, Number(address.port));
  address.port = String(wire.port);
  const database = openDatabase(address.toString());
  const { app, reported } = createTestApp(database);
  const id = randomUUID();
  const data = {
    name: 'K',
    eggGrade: 'EU M',
    altitudeM: 0,
    roomC: 20,
    currency: 'EUR',
    kWhPrice: null,
  };
  const body = { writeId: randomUUID(), version: 0, data };
  await request(app).get('/api/health').expect(200);

  await wire.cut();
  const health = await request(app).get('/api/health').expect(503);
  expect(health.body).toMatchObject({ status: 'degraded', database: 'away' });
  const refused = await request(app).put(`/api/kitchens/${id}`).send(body).expect(503);
  expect(refused.body.error.code).toBe('database-away');

  await wire.mend();
  expect((await comesTo(200, () => request(app).get('/api/health'))).status).toBe(200);
  const stored = await request(app).put(`/api/kitchens/${id}`).send(body).expect(200);
  expect(stored.body.version).toBe(1);
  expect(reported).toEqual([]);
  await database.end();
  await wire.cut();
  await drop();
}, 30_000);

it('answers 503 within seconds while it hangs, at once after a few, and stops without waiting for it', async () => {
  const { url, drop } = await createTestDatabase();
  const address = new URL(url);
  const wire = await createWire(address.hostname, Number(address.port));
  address.port = String(wire.port);
  const database = openDatabase(address.toString());
  const { app, reported } = createTestApp(database);
  const timed = async () => {
    const from = Date.now();
    const response = await request(app).get('/api/kitchens').expect(503);
    expect(response.body.error.code).toBe('database-away');
    return Date.now() - from;
  };
  await Promise.all(Array.from({ length: 12 }, () => request(app).get('/api/kitchens')));

  wire.hang(true);
  const first = await Promise.all(Array.from({ length: 12 }, timed));
  expect(Math.max(...first)).toBeLessThan(8000);
  // The circuit is open: nobody waits in vain any more.
  expect(await timed()).toBeLessThan(500);

  wire.hang(false);
  const again = await comesTo(200, () => request(app).get('/api/kitchens'));
  expect(again.status).toBe(200);
  wire.hang(true);
  const from = Date.now();
  await closeDatabase(database);
  expect(Date.now() - from).toBeLessThan(5000);
  expect(reported).toEqual([]);
  await wire.cut();
  await drop();
}, 60_000);
