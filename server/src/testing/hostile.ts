import fc from 'fast-check';
import { randomUUID } from 'node:crypto';
import type TestAgent from 'supertest/lib/agent';
import { DEMO_KITCHEN_ID } from '../demo/kitchen';
import { KINDS, thingsOf } from './things';

/** A request as nobody sensible would send it. */
export interface HostileRequest {
  readonly method: 'get' | 'put' | 'post' | 'delete';
  readonly path: string;
  readonly headers: Readonly<Record<string, string>>;
  readonly body: string | undefined;
}

/** What is put where something else was expected. */
const ODD: readonly unknown[] = [
  null,
  '',
  ' ',
  '\u0000',
  '\u200b',
  '\ud800',
  '=1+1',
  '<script>',
  "'; DROP TABLE formulas; --",
  'x'.repeat(5000),
  0,
  -1,
  0.001,
  1e-300,
  1e308,
  2 ** 53,
  -0,
  true,
  [],
  {},
  [[]],
  { $gt: '' },
  '0000-01-01T00:00:00Z',
  '2026-02-30T00:00:00Z',
  '9999-12-31T23:59:59.999Z',
  '00000000-0000-4000-8000-000000000000',
];

type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

/** All places in a value, each as the keys that lead there. */
function placesIn(value: Json, to: readonly string[] = []): (readonly string[])[] {
  if (value === null || typeof value !== 'object') return [to];
  return [to, ...Object.entries(value).flatMap(([key, inside]) => placesIn(inside, [...to, key]))];
}

/** A value with another put at a place, or with what is there left out or doubled. */
function changed(value: Json, place: readonly string[], into: unknown): Json {
  const [key, ...rest] = place;
  if (key === undefined) return into as Json;
  const copy = structuredClone(value) as Record<string, Json> | Json[];
  const inside = copy as Record<string, Json>;
  if (rest.length > 0) inside[key] = changed(inside[key]!, rest, into);
  else if (into !== LEFT_OUT && into !== DOUBLED) inside[key] = into as Json;
  else if (!Array.isArray(copy)) delete inside[key];
  else if (into === LEFT_OUT) copy.splice(Number(key), 1);
  else copy.push(copy[Number(key)]!);
  return copy;
}

const LEFT_OUT = Symbol('left out');
const DOUBLED = Symbol('doubled');

const HEADERS: readonly Readonly<Record<string, string>>[] = [
  {},
  {},
  {},
  {},
  { 'Content-Encoding': 'gzip' },
  { 'Content-Type': 'application/json; charset=utf-16' },
  { 'Content-Type': 'text/plain' },
  { Host: 'moon.example' },
  { Origin: 'null' },
  { Range: 'bytes=9-1' },
  { 'If-None-Match': '*' },
];

/**
 * So many requests made up out of sound ones, the same for a seed but for their ids: bodies with odd things in odd
 * places, addresses that lead nowhere, headers nobody sends. Sound bodies are those the kitchen has.
 */
export async function hostileRequests(
  agent: TestAgent,
  runs: number,
  seed: number,
): Promise<HostileRequest[]> {
  const kitchen = `/api/kitchens/${DEMO_KITCHEN_ID}`;
  const sound: { readonly path: string; readonly id: string; readonly data: Json }[] = [];
  for (const kind of KINDS) {
    for (const { id, data } of await thingsOf(agent, kitchen, kind)) {
      sound.push({ path: `${kitchen}/${kind}`, id, data: data as Json });
    }
  }
  const bake = sound.findLast(({ path }) => path.endsWith('/bakes'))!;
  const write = fc
    .record({
      of: fc.constantFrom(...sound),
      odd: fc.array(fc.record({ at: fc.nat(), into: fc.constantFrom(...ODD, LEFT_OUT, DOUBLED) }), {
        maxLength: 3,
      }),
      wholeBody: fc.boolean(),
      again: fc.boolean(),
      headers: fc.constantFrom(...HEADERS),
      method: fc.constantFrom('put' as const, 'put' as const, 'put' as const, 'post' as const),
    })
    .map(({ of, odd, wholeBody, again, headers, method }): HostileRequest => {
      let body: Json = { writeId: randomUUID(), version: again ? 1 : 0, data: of.data };
      for (const { at, into } of odd) {
        const places = placesIn(body).filter(([first]) => wholeBody || first === 'data');
        const place = places[at % places.length] ?? [];
        if (place.length > 0) body = changed(body, place, into);
      }
      return {
        method,
        path: `${of.path}/${again ? of.id : randomUUID()}`,
        headers: { 'Content-Type': 'application/json', ...headers },
        body: JSON.stringify(body),
      };
    });
  const NOTED: Readonly<Record<string, Json>> = {
    readings: { atS: 600, place: 'centre', celsius: 42 },
    wobbles: { atS: 900, diameterMm: 90, motion: 'barely' },
    deeds: { atS: 700, kind: 'oven', celsius: 140, step: 0 },
  };
  const note = fc
    .record({
      kind: fc.constantFrom('readings', 'wobbles', 'deeds'),
      at: fc.nat(),
      into: fc.option(fc.constantFrom(...ODD, LEFT_OUT), { nil: undefined }),
    })
    .map(({ kind, at, into }): HostileRequest => {
      const sane: Json = { id: randomUUID(), ...(NOTED[kind] as { [key: string]: Json }) };
      const places = placesIn(sane).filter((place) => place.length > 0);
      return {
        method: 'post',
        path: `${bake.path}/${bake.id}/${kind}`,
        headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify(
          into === undefined ? sane : changed(sane, places[at % places.length]!, into),
        ),
      };
    });
  const part = fc.constantFrom(
    ...['%', '%00', '%E0%A4%A', '..%2f..', '\\', "1'%20OR%201=1", 'a'.repeat(3000), '', '🌙'].map(
      (each) => (each.startsWith('%') || each.includes('%2') ? each : encodeURIComponent(each)),
    ),
    'versions',
    'card.pdf',
    'card.pdf?size=A0',
    '?text=%25%00&formulaId=x',
    '?text[]=a&text=b',
    ...sound.slice(0, 3).map(({ id }) => id),
  );
  const read = fc
    .record({
      of: fc.constantFrom(...sound),
      parts: fc.array(part, { minLength: 1, maxLength: 3 }),
      headers: fc.constantFrom(...HEADERS),
      method: fc.constantFrom('get' as const, 'get' as const, 'delete' as const, 'post' as const),
    })
    .map(({ of, parts, headers, method }): HostileRequest => ({
      method,
      path: `${of.path}/${parts.join('/')}`,
      headers: { ...headers },
      body: undefined,
    }));
  const shown = fc.constantFrom(...sound).map(({ path, id }): HostileRequest => ({
    method: 'get',
    path: `${path}/${id}`,
    headers: {},
    body: undefined,
  }));
  return fc.sample(
    fc.oneof({ weight: 6, arbitrary: write }, { weight: 2, arbitrary: read }, note, shown),
    {
      numRuns: runs,
      seed,
    },
  );
}
