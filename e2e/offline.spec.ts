/** Without a network: the server is gone in the middle of the work, and nothing of it is lost. */
import { expect, test, type Page } from '@playwright/test';
import { createServer, connect, type Server, type Socket } from 'node:net';
import { KITCHEN_API } from './kitchen';
import { PORT } from './place';

test.use({ serviceWorkers: 'allow' });

const LINE_PORT = PORT + 1000;

/** A line to the server that can be cut, and mended again. */
function line() {
  const open = new Set<Socket>();
  let server: Server | undefined;
  return {
    address: `http://127.0.0.1:${LINE_PORT}`,
    mend: () =>
      new Promise<void>((done) => {
        server = createServer((socket) => {
          const further = connect(PORT, '127.0.0.1');
          for (const each of [socket, further]) {
            open.add(each);
            each.on('error', () => each.destroy());
            each.on('close', () => open.delete(each));
          }
          socket.pipe(further).pipe(socket);
        }).listen(LINE_PORT, '127.0.0.1', done);
      }),
    cut: async () => {
      const closed = new Promise((done) => server?.close(done));
      for (const socket of open) socket.destroy();
      await closed;
    },
  };
}

/** The application is on the device, and so is what the book has answered. */
async function keptOnDevice(page: Page): Promise<void> {
  await page.evaluate(async () => {
    await navigator.serviceWorker.ready;
  });
  await expect
    .poll(() =>
      page.evaluate(async (api) => {
        const kept = await (await caches.open('book')).keys();
        const has = (end: string) => kept.some(({ url }) => new URL(url).pathname.endsWith(end));
        return has('/marks') && has(`${api}/formulas`) && has(`${api}/days`);
      }, KITCHEN_API),
    )
    .toBe(true);
}

test('the server is gone for ten minutes while a day is worked: everything goes on, and is sent once', async ({
  page,
}) => {
  test.slow();
  const way = line();
  await way.mend();
  try {
    await page.clock.install({ time: new Date('2027-03-12T19:30:00') });
    await page.goto(`${way.address}/plan`);
    await page.getByTestId('new-day').click();
    await page.getByTestId('add-wanted').selectOption({ label: 'Bay-leaf set custard tart' });
    await page.locator('[data-testid^="due-"]').fill('06:00');
    await expect(page.getByTestId('plan-verdict')).toContainText('It is ready in time');
    await page.getByTestId('go-to-work').click();
    await page.getByTestId('next-tap').click();
    await expect(page.getByTestId('task-standing')).toHaveText(/^In hand since/);
    const marks = `${way.address}${KITCHEN_API}/days/${page.url().split('/').at(-1)}/marks`;
    await expect
      .poll(async () => ((await (await page.request.get(marks)).json()) as []).length)
      .toBe(1);
    await keptOnDevice(page);

    await way.cut();
    await expect(page.getByTestId('not-connected')).toBeVisible();
    await page.getByTestId('next-tap').click();
    await page.clock.fastForward('05:00');
    await page.reload();
    // Opened from the device, with what was tapped before and after.
    await expect(page.getByTestId('shown-task')).toBeVisible();
    await expect(page.getByTestId('not-connected')).toBeVisible();
    await page.getByTestId('work-behind').click();
    await expect(page.locator('[data-testid^="over-"]')).toHaveCount(1);
    await page.getByTestId('next-tap').click();
    await page.clock.fastForward('05:00');
    await page.goto(`${way.address}/formulas/00000000-0000-4000-8000-000400000001`);
    await expect(page.getByTestId('outlook-verdict')).toContainText(/min/);

    await way.mend();
    await page.clock.fastForward('02:00');
    await expect(page.getByTestId('not-connected')).toHaveCount(0);
    await expect
      .poll(async () => {
        await page.clock.fastForward('01:00');
        const all = (await (await page.request.get(marks)).json()) as { kind: string }[];
        return all.map(({ kind }) => kind);
      })
      .toEqual(['begun', 'done', 'begun']);
  } finally {
    await way.cut();
  }
});

test('the application can be installed', async ({ page, baseURL }) => {
  await page.goto('/');
  const href = await page.locator('link[rel=manifest]').getAttribute('href');
  const manifest = (await (await page.request.get(`${baseURL}${href}`)).json()) as {
    readonly icons: readonly { readonly src: string }[];
    readonly start_url: string;
  };
  expect(manifest.start_url).toBe('/');
  for (const { src } of manifest.icons) {
    const icon = await page.request.get(`${baseURL}${src}`);
    expect([icon.status(), icon.headers()['content-type']]).toEqual([
      200,
      src.endsWith('svg') ? 'image/svg+xml' : 'image/png',
    ]);
  }
  await page.evaluate(async () => {
    await navigator.serviceWorker.ready;
  });
});
