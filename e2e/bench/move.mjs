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

/** In the page: counts frames until it is told to stop; answers frames a second. */
function countFrames() {
  const from = performance.now();
  let frames = 0;
  let going = true;
  const next = () => {
    frames += 1;
    if (going) requestAnimationFrame(next);
  };
  requestAnimationFrame(next);
  globalThis.framesPerSecond = () => {
    going = false;
    return (1000 * frames) / (performance.now() - from);
  };
}

/** A load on the picture, held and moved back and forth by a pointer; frames a second, median of three. */
async function heldLoad(page, session, rate) {
  const load = page.locator('[data-testid^="hold-"]').nth(6);
  if ((await page.getByTestId('held').count()) === 0) await load.click();
  await page.getByTestId('held').waitFor();
  await session.send('Emulation.setCPUThrottlingRate', { rate });
  const runs = [];
  for (let run = 0; run < 3; run += 1) {
    const box = await load.boundingBox();
    const [x, y] = [box.x + 10, box.y + box.height / 2];
    await page.mouse.move(x, y);
    await page.mouse.down();
    await page.evaluate(countFrames);
    for (let move = 1; move <= MOVES; move += 1) {
      await page.mouse.move(x + (run % 2 === 0 ? 1 : -1) * move, y);
    }
    runs.push(await page.evaluate(() => globalThis.framesPerSecond()));
    await page.mouse.up();
  }
  return runs.sort((a, b) => a - b)[1];
}

export async function benchMove(baseUrl) {
  const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium-headless-shell',
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
  for (const [rate, said] of [
    [SLOWED, `${SLOWED} × slower`],
    [1, 'full speed'],
  ]) {
    const perSecond = await heldLoad(page, session, rate);
    found[`Load moved on the picture (${said})`] =
      `${perSecond.toFixed(0)} frames a second (median of 3)`;
  }
  await browser.close();
  return found;
}
