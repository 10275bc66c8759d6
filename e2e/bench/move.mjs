// How smoothly a task of a night with twelve bakes follows the thumb at 390x844, and how soon what it costs is told.
import { chromium } from '@playwright/test';

const SLOWED = 4;
const NIGHT = '/plan/00000000-0000-4000-8000-009000000001';
const MOVES = 60;

/** In the page: moves the slider once a frame. Answers frames a second, and ms from the last move to what it costs. */
async function drag({ moves, ends }) {
  const input = document.querySelector('[data-testid="move-task"]');
  const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set;
  const frame = () => new Promise((resolve) => requestAnimationFrame(resolve));
  const cost = () => document.querySelector('[data-testid="move-cost"]').textContent;
  await frame();
  const from = performance.now();
  for (let move = 0; move < moves; move += 1) {
    set.call(input, String(ends - 5 * (moves - 1 - move)));
    input.dispatchEvent(new Event('input', { bubbles: true }));
    await frame();
  }
  const till = performance.now();
  while (cost() === '') await frame();
  return { perSecond: (1000 * moves) / (till - from), toldMs: performance.now() - till };
}

export async function benchMove(baseUrl) {
  const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-dev-shm-usage', '--disable-background-networking'],
  });
  const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
  await page.goto(baseUrl + NIGHT);
  await page.getByText('All 12 are ready in time').waitFor();
  await page.locator('[data-testid^="task-"]').nth(30).click();
  await page.getByTestId('move-task').waitFor();
  const session = await page.context().newCDPSession(page);
  const found = {};
  let ends = 120;
  for (const [rate, said] of [
    [SLOWED, `${SLOWED} × slower`],
    [1, 'full speed'],
  ]) {
    await session.send('Emulation.setCPUThrottlingRate', { rate });
    const runs = [];
    for (let run = 0; run < 3; run += 1) {
      // Each run ends where none ended before: what was worked out once is remembered.
      ends += 5;
      runs.push(await page.evaluate(drag, { moves: MOVES, ends }));
    }
    const middle = (of) => runs.map(of).sort((a, b) => a - b)[1];
    found[`Task of a night moved by the thumb (${said})`] =
      `${middle(({ perSecond }) => perSecond).toFixed(0)} frames a second, its cost ${middle(({ toldMs }) => toldMs).toFixed(0)} ms after (medians of 3)`;
  }
  await browser.close();
  return found;
}
