/** Pictures of what came out: made small, kept with the record, also while the book is away. */
import { expect, type Page } from '@playwright/test';
import { KITCHEN_API } from './kitchen';
import { test } from './warm';

/** A bake of the demonstration's log. */
const BAKE = '00000000-0000-4000-8000-000500000001';
const PICTURES = `${KITCHEN_API}/bakes/${BAKE}/pictures`;

/** A photograph, as far as a test can take one: large, and of many colours. */
const photograph = async (page: Page, wide: number, high: number) => {
  const address = await page.evaluate(
    ([width, height]) => {
      const canvas = document.createElement('canvas');
      Object.assign(canvas, { width, height });
      const on = canvas.getContext('2d')!;
      for (let x = 0; x < width; x += 4) {
        for (let y = 0; y < height; y += 4) {
          on.fillStyle = `hsl(${(x * y) % 360} 60% ${(x * 7 + y * 13) % 100}%)`;
          on.fillRect(x, y, 4, 4);
        }
      }
      return canvas.toDataURL('image/jpeg', 0.95);
    },
    [wide, high] as const,
  );
  const jpeg = Buffer.from(address.split(',')[1]!, 'base64');
  // After the two bytes it begins with, what a camera writes: a segment FF E1, its length with the two bytes of that, `Exif`,
  // and an empty list in the order of Intel. Source: CIPA DC-008 (Exif), section 4.7.2.
  const written = Buffer.from('Exif\0\0II*\0\x08\0\0\0\0\0\0\0\0\0', 'latin1');
  const segment = Buffer.from([0xff, 0xe1, 0, written.length + 2]);
  const buffer = Buffer.concat([jpeg.subarray(0, 2), segment, written, jpeg.subarray(2)]);
  return { name: 'top.jpg', mimeType: 'image/jpeg', buffer };
};

/** The size of a picture as the browser has it once it has come. */
const shownSize = (page: Page, nth: number) =>
  page
    .getByTestId(`picture-${nth}`)
    .locator('img')
    .evaluate((image: HTMLImageElement) => [image.naturalWidth, image.naturalHeight]);

test('a record keeps what came out as it looked, small and without where it was taken', async ({
  page,
}) => {
  await page.goto(`/log/${BAKE}`);
  await page.getByTestId('pictures').click();
  const file = await photograph(page, 2400, 1600);
  expect(file.buffer.includes('Exif')).toBe(true);
  await page.getByTestId('add-picture').setInputFiles(file);
  await expect(page.getByTestId('picture-1')).toBeVisible();
  await expect.poll(async () => (await (await page.request.get(PICTURES)).json()).length).toBe(1);
  const [kept] = await (await page.request.get(PICTURES)).json();
  // By hand: 1280 of 2400 is 0.5333, of which 1600 px are 853; noise is hard to press, and may be made smaller yet.
  expect(kept.widePx / kept.highPx).toBeCloseTo(1.5, 2);
  expect(kept.widePx).toBeLessThanOrEqual(1280);
  expect(kept.widePx).toBeGreaterThanOrEqual(640);
  const served = await page.request.get(`${PICTURES}/${kept.id}`);
  expect(served.headers()['content-type']).toBe('image/jpeg');
  const bytes = await served.body();
  expect(bytes.length).toBeLessThanOrEqual(220_000);
  expect(bytes.subarray(0, 3)).toEqual(Buffer.from([0xff, 0xd8, 0xff]));
  // The mark of what a camera writes of place and time. Source: CIPA DC-008 (Exif).
  expect(bytes.includes('Exif')).toBe(false);
  await page.reload();
  await expect.poll(() => shownSize(page, 1)).toEqual([kept.widePx, kept.highPx]);

  // What is no picture is said to be none, and nothing is lost.
  const text = { name: 'x.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('no picture') };
  await page.getByTestId('add-picture').setInputFiles(text);
  await expect(page.getByText('This picture cannot be read.')).toBeVisible();
  await expect(page.getByTestId('picture-1')).toBeVisible();

  // Removed for good, after it was asked.
  await page.getByRole('button', { name: 'Remove picture 1' }).click();
  await page.getByRole('button', { name: 'Keep it' }).click();
  await page.getByRole('button', { name: 'Remove picture 1' }).click();
  await page.getByTestId('gone-1').click();
  await expect(page.getByTestId('picture-1')).toHaveCount(0);
  await expect.poll(async () => (await (await page.request.get(PICTURES)).json()).length).toBe(0);
});

test('a picture that is taken while the book is away waits, and goes in by itself', async ({
  page,
}) => {
  await page.goto(`/log/${BAKE}`);
  await page.getByTestId('pictures').click();
  const file = await photograph(page, 300, 200);
  await page.route('**/api/**', (route) => route.abort());
  await page.getByTestId('add-picture').setInputFiles(file);
  await expect.poll(() => shownSize(page, 1)).toEqual([300, 200]);
  expect(await (await page.request.get(PICTURES)).json()).toEqual([]);
  await page.unroute('**/api/**');
  await expect.poll(async () => (await (await page.request.get(PICTURES)).json()).length).toBe(1);
  await page.getByRole('button', { name: 'Remove picture 1' }).click();
  await page.getByTestId('gone-1').click();
  await expect.poll(async () => (await (await page.request.get(PICTURES)).json()).length).toBe(0);
});
