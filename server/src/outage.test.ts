/** A database that goes away and comes back: said so, nothing half done, the server never down. */
import { randomUUID } from 'node:crypto';
import { createServer, createConnection, type Server, type Socket } from 'node:net';
import request from 'supertest';
import { openDatabase } from './database/pool';
import { createTestApp, createTestDatabase } from './testing/database';

/** A wire to the database that can be cut and mended. */
async function createWire(host: string, databasePort: number) {
  const sockets = new Set<Socket>();
  const wire: Server = createServer((incoming) => {
    const outgoing = createConnection({ host, port: databasePort });
    for (const socket of [incoming, outgoing]) {
      sockets.add(socket);
      socket.on('error', () => undefined);
      socket.on('close', () => sockets.delete(socket));
    }
    incoming.pipe(outgoing).pipe(incoming);
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
  return { port, cut, mend: () => listen(port) };
}

it('answers 503 while it is away, and works again by itself', async () => {
  const { url, drop } = await createTestDatabase();
  const address = new URL(url);
  const wire = await createWire(address.hostname, Number(address.port));
  address.port = String(wire.port);
  const database = openDatabase(address.toString());
  const { app, reported } = createTestApp(database);
  const id = randomUUID();
  const data = { name: 'K', eggGrade: 'EU M', altitudeM: 0, roomC: 20, currency: 'EUR' };
  const body = { writeId: randomUUID(), version: 0, data };
  await request(app).get('/api/health').expect(200);

  await wire.cut();
  const health = await request(app).get('/api/health').expect(503);
  expect(health.body).toMatchObject({ status: 'degraded', database: 'away' });
  const refused = await request(app).put(`/api/kitchens/${id}`).send(body).expect(503);
  expect(refused.body.error.code).toBe('database-away');

  await wire.mend();
  await request(app).get('/api/health').expect(200);
  const stored = await request(app).put(`/api/kitchens/${id}`).send(body).expect(200);
  expect(stored.body.version).toBe(1);
  expect(reported).toEqual([]);
  await database.end();
  await wire.cut();
  await drop();
}, 30_000);
