/** The exported client as it is served: compressed, kept as long as it may be, and faults of the asker told as such. */
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Express } from 'express';
import request from 'supertest';
import { brotliCompressSync, gzipSync } from 'node:zlib';
import { openDatabase } from './database/pool';
import { createTestApp } from './testing/database';

const SCRIPT = 'moon()'.repeat(500);
const folder = mkdtempSync(join(tmpdir(), 'hollow-moon-pages-'));
const faults: unknown[] = [];
/** Asked for nothing here. */
const database = openDatabase('mysql://nobody@127.0.0.1:1/nothing');
let app: Express;

beforeAll(() => {
  for (const each of ['_expo/static', 'assets']) mkdirSync(join(folder, each), { recursive: true });
  writeFileSync(join(folder, 'index.html'), '<!doctype html><title>Hollow Moon</title>');
  const script = join(folder, '_expo/static/entry-1234.js');
  writeFileSync(script, SCRIPT);
  writeFileSync(`${script}.br`, brotliCompressSync(SCRIPT));
  writeFileSync(`${script}.gz`, gzipSync(SCRIPT));
  const report = (cause: unknown) => faults.push(cause);
  ({ app } = createTestApp(database, { report, clientFolder: folder }));
});

afterAll(async () => {
  rmSync(folder, { recursive: true });
  await database.end();
  expect(faults).toEqual([]);
});

it.each([
  ['br', 'gzip, deflate, br'],
  ['gzip', 'gzip'],
  [undefined, 'identity'],
])(
  'a script goes out as %s to a browser that takes %s, and is kept for ever',
  async (as, takes) => {
    const response = await request(app)
      .get('/_expo/static/entry-1234.js')
      .set('Accept-Encoding', takes)
      .expect(200);
    expect(response.headers['content-encoding']).toBe(as);
    expect(response.headers['content-type']).toMatch(/javascript/);
    expect(response.headers['cache-control']).toMatch(/max-age=31536000.*immutable/);
    if (as !== 'br') expect(response.text).toBe(SCRIPT);
  },
);

it.each(['/', '/formulas/moon'])('the page at %s is asked for anew each time', async (path) => {
  const response = await request(app).get(path).expect(200);
  expect(response.text).toContain('<title>Hollow Moon</title>');
  expect(response.headers['cache-control']).toBe('no-cache');
});

it.each([
  ['a missing script', '/_expo/static/missing.js', {}, 404],
  ['a way out of the folder', '/assets/..%2f..%2f..%2fetc%2fpasswd', {}, 403],
  ['a name with a NUL', '/assets/%00', {}, 400],
  ['a range past the end', '/index.html', { Range: 'bytes=900-' }, 416],
])('%s is the fault of whoever asks', async (_, path, headers, status) => {
  const response = await request(app).get(path).set(headers);
  expect(response.status).toBe(status);
  expect(response.body.error.message).toMatch(/\w/);
});
