import { expect, type APIRequestContext, type Page } from '@playwright/test';
import { randomUUID } from 'node:crypto';
import { getDocument, type PDFDocumentProxy } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { FORMULA, KITCHEN_API, openFormula, toBench, open, find } from './kitchen';
import { test } from './warm';

/** A formula as the book gives it, as far as a card asks. */
interface Stored {
  readonly id: string;
  readonly version: number;
  readonly data: { readonly name: string; readonly lines: readonly { readonly id: string }[] };
}

const cardOf = async (
  request: APIRequestContext,
  id: string,
  query = 'size=A5',
): Promise<PDFDocumentProxy> => {
  const response = await request.get(`${KITCHEN_API}/formulas/${id}/card.pdf?${query}`);
  expect(response.headers()['content-type']).toContain('application/pdf');
  return getDocument({ data: new Uint8Array(await response.body()) }).promise;
};

const textOf = async (pdf: PDFDocumentProxy, page = 1): Promise<string> => {
  const { items } = await (await pdf.getPage(page)).getTextContent();
  return items
    .map((item) => ('str' in item ? item.str : ''))
    .join(' ')
    .replaceAll(/\s+/g, ' ');
};

/** What the ids of the demonstration's formulas have in common, and how many there are. */
const DEMO = { ids: /^00000000-0000-4000-8000-0004/, count: 17 };

/** The address of the next card a page asks for, in a tab of its own. */
const cardAskedFor = async (page: Page): Promise<string> => {
  const request = await page
    .context()
    .waitForEvent('request', (each) => each.url().includes('/card.pdf'));
  return request.url();
};

test('the bench card is a PDF of the size asked for, with all that is weighed', async ({
  page,
}) => {
  await openFormula(page, FORMULA.passionFruit);
  await toBench(page);
  await open(page, 'share');
  const asked = cardAskedFor(page);
  await (await find(page, 'card-A5')).click();
  expect(await asked).toContain('card.pdf?size=A5');
  for (const [size, [width, height]] of Object.entries({ A5: [420, 595], A4: [595, 842] })) {
    const address = `${KITCHEN_API}/formulas/${FORMULA.passionFruit}/card.pdf?size=${size}`;
    const response = await page.request.get(address);
    expect(response.headers()['content-type']).toContain('application/pdf');
    const pdf = await getDocument({ data: new Uint8Array(await response.body()) }).promise;
    const texts: string[] = [];
    for (let number = 1; number <= pdf.numPages; number += 1) {
      const sheet = await pdf.getPage(number);
      // Source: ISO 216: A5 is 148 × 210 mm, A4 210 × 297, in points of 1/72 inch.
      const view = sheet.getViewport({ scale: 1 });
      expect([Math.round(view.width), Math.round(view.height)]).toEqual([width, height]);
      const { items } = await sheet.getTextContent();
      texts.push(items.map((item) => ('str' in item ? item.str : '')).join(' '));
    }
    const text = texts.join(' ');
    for (const words of [
      'Passion-fruit meringue tartlets',
      '205 g',
      'Passion-fruit juice',
      'Rye shell',
      'Cooked meringue',
      '6 × Tartlet ring 10 cm',
      'Done at 77 to 82 °C.',
      'Contains egg, milk and gluten.',
    ]) {
      expect(text).toContain(words);
    }
  }
  expect(
    (
      await page.request.get(`${KITCHEN_API}/formulas/${FORMULA.passionFruit}/card.pdf?size=A9`)
    ).status(),
  ).toBe(422);
});

test('the card of every formula of the demonstration lies on one A5 page', async ({ request }) => {
  const all = (await (await request.get(`${KITCHEN_API}/formulas`)).json()) as Stored[];
  const demo = all.filter(({ id }) => DEMO.ids.test(id));
  expect(demo).toHaveLength(DEMO.count);
  for (const { id, version, data } of demo) {
    const pdf = await cardOf(request, id);
    expect([data.name, pdf.numPages]).toEqual([data.name, 1]);
    const text = await textOf(pdf);
    expect(text).toContain(data.name);
    expect(text).toMatch(
      new RegExp(`Lantern Row, version ${version}, printed \\d+ \\w{3} 20\\d\\d`),
    );
  }
});

test('a card too long for a page goes over two, with “Done when” on the first', async ({
  request,
}) => {
  const bay = (await (
    await request.get(`${KITCHEN_API}/formulas/${FORMULA.bay}`)
  ).json()) as Stored;
  const lines = [0, 1, 2, 3].flatMap((copy) =>
    bay.data.lines.map((line) => ({
      ...line,
      id: `00000000-0000-4000-8000-9${String(copy)}${line.id.slice(-10)}`,
      note: 'in its own bowl',
    })),
  );
  const id = randomUUID();
  const put = await request.put(`${KITCHEN_API}/formulas/${id}`, {
    data: { writeId: randomUUID(), version: 0, data: { ...bay.data, name: 'Long', lines } },
  });
  expect(put.status()).toBeLessThan(300);
  const pdf = await cardOf(request, id);
  expect(pdf.numPages).toBe(2);
  expect(await textOf(pdf)).toMatch(/Done when.*Page 1 of 2/);
  expect(await textOf(pdf, 2)).not.toContain('Done when');
  expect(await textOf(pdf, 2)).toMatch(/Cautions.*Page 2 of 2/);
});

// Source: ISO 32000-1 (PDF), 14.7 and 14.8: a tagged document has a structure tree, marked content and a language.
test('a card is tagged, so that it can be listened to', async ({ request }) => {
  const pdf = await cardOf(request, FORMULA.bay);
  expect(await pdf.getMarkInfo()).toMatchObject({ Marked: true });
  const { info } = await pdf.getMetadata();
  expect(info).toMatchObject({ Title: 'Bay-leaf set custard tart', Language: 'en' });
  const tree = JSON.stringify(await (await pdf.getPage(1)).getStructTree());
  for (const role of ['H1', 'H2', 'L', 'LI', 'Lbl', 'LBody', 'P']) {
    expect(tree).toContain(`"role":"${role}"`);
  }
});

test('a card is in the units of the device that asks for it', async ({ page, request }) => {
  await page.goto('/kitchen');
  await open(page, 'this-device');
  await page.getByRole('radio', { name: '°F' }).click();
  await page.getByRole('radio', { name: 'inches' }).click();
  await page.getByRole('radio', { name: 'cups and spoons' }).click();
  await openFormula(page, FORMULA.bay);
  await toBench(page);
  await open(page, 'share');
  const asked = cardAskedFor(page);
  await (await find(page, 'card-A4')).click();
  const { search } = new URL(await asked);
  const text = await textOf(await cardOf(request, FORMULA.bay, search.slice(1)));
  // By hand: 140 °C is 284 °F, 9 K are 16 °F, and a disc of 32 cm is 12.6 in.
  expect(text).toMatch(/set 284 °F, deck\. It runs 16 °F cool/);
  expect(text).toContain('12 5/8 in at 1/8 in');
  expect(text).toMatch(/2 cups \+ [\d /]+ tbsp Whipping cream/);
  // The tin is called by its name, as the kitchen wrote it.
  expect(text.replace('Tart tin 24 cm', '')).not.toMatch(/\d (g|mm|cm|°C)\b/);
});
