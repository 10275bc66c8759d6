import { chromium } from '@playwright/test';
const b = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] });
const p = await (await b.newContext({ viewport: { width: 390, height: 844 } })).newPage();
await p.goto('http://127.0.0.1:18097/');
await p.getByRole('button', { name: 'New formula' }).first().click();
await p.getByRole('radio', { name: 'Bench' }).click();
await p.getByRole('button', { name: 'Paste a recipe' }).click();
await p.getByTestId('paste-text').fill(`Quince meringue tartlets, makes 6
9 in loose-bottom tin
Shortcrust
200 g plain flour
100 g/3.5oz cold butter
1 egg yolk
3 tbsp ice water
Almond cream
100 g butter
120 g sugar, less 3 tbsp for the quinces
2 eggs
100 g ground almonds
2 lemons
1/2 cup oat milk
a pinch of salt
500 g suger
cream
Method
1. Heat the oven to 350 F.
2. Bake at 325 F for 25-30 min in a water bath.`);
await p.waitForTimeout(800);
await p.getByTestId('paste-text').evaluate((e)=>e.scrollIntoView());
await p.screenshot({ path: '/tmp/w/p1.png' });
await p.getByTestId('paste-done').evaluate((e)=>e.scrollIntoView({block:'end'}));
await p.waitForTimeout(300);
await p.screenshot({ path: '/tmp/w/p2.png' });
await b.close();
