// A fresh database with the demonstration kitchen, and the built server over it.
import { randomUUID } from 'node:crypto';
import mysql from 'mysql2/promise';
import { buildClient, buildServer } from '../tools/build.mjs';
import { startServer } from '../tools/serve.mjs';
import { startTestDatabase } from '../tools/test-database.mjs';

export const PORT = Number(process.env.HOLLOW_MOON_E2E_PORT ?? 18080);

export default async function globalSetup() {
  await buildServer();
  await buildClient();
  const database = await startTestDatabase();
  const name = `hollow_moon_e2e_${randomUUID().replaceAll('-', '')}`;
  const admin = await mysql.createConnection({ uri: database.url });
  await admin.query(`CREATE DATABASE ${name}`);
  const url = new URL(database.url);
  url.pathname = `/${name}`;
  const server = await startServer({ url: url.toString(), port: PORT, quiet: true });
  return async () => {
    await server.stop();
    await admin.query(`DROP DATABASE ${name}`);
    await admin.end();
    await database.stop();
  };
}
