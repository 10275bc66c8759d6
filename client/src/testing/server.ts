/** A write as the page sends it. */
export interface Sent<Data> {
  readonly method: string;
  readonly path: string;
  readonly writeId: string;
  readonly version: number;
  readonly data: Data;
}

export const json = (status: number, body: unknown): Response =>
  new Response(JSON.stringify(body), {
    status,
    headers: { 'Content-Type': 'application/json' },
  });

/** What was sent, kept a version further. */
export const accept = <Data>({ path, version, data }: Sent<Data>): Response =>
  json(200, {
    id: path.split('/').at(-1),
    version: version + 1,
    updatedAt: '2026-11-24T03:00:00.000Z',
    data,
  });

/** No answer at all. */
export const away = (): Response => {
  throw new TypeError('failed to fetch');
};

/** Answers each write in turn with what `answers` say; the last answer serves for all that follow. */
export function serve<Data>(
  answers: readonly ((sent: Sent<Data>) => Response | Promise<Response>)[],
): Sent<Data>[] {
  const sent: Sent<Data>[] = [];
  globalThis.fetch = (async (input: Request) => {
    const text = await input.text();
    const body = (text ? JSON.parse(text) : {}) as Omit<Sent<Data>, 'path' | 'method'>;
    const write = { ...body, method: input.method, path: new URL(input.url).pathname };
    sent.push(write);
    return answers[Math.min(sent.length, answers.length) - 1]!(write);
  }) as typeof fetch;
  return sent;
}

/** The same where the page reads as well, of which nothing is there. */
export function serveWrites<Data>(answers: Parameters<typeof serve<Data>>[0]): Sent<Data>[] {
  const sent = serve(answers);
  const written = globalThis.fetch as unknown as (input: Request) => Promise<Response>;
  globalThis.fetch = (async (input: Request) =>
    input.method === 'GET' ? away() : written(input)) as typeof fetch;
  return sent;
}
