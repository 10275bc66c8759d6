// How soon the picture follows a slider at 390x844, at full speed and with the processor slowed down fourfold.
import { chromium } from '@playwright/test';

const SLOWED = 4;
const MOVES = 40;
const BAY = '/formulas/00000000-0000-4000-8000-000400000001';

/** In the page: moves a slider and waits for the frame in which what it drives has changed. */
async function follow({ slider, shown, values }) {
  const input = document.querySelector(`[data-testid="${slider}"]`);
  const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set;
  // A few of its paths tell a new picture from an old one; reading all of it would cost time itself.
  const shownNow = () =>
    [...document.querySelectorAll(`${shown} path`)]
      .slice(2, 6)
      .map((path) => path.getAttribute('d'))
      .join();
  const changed = (before) =>
    new Promise((resolve, reject) => {
      setTimeout(() => reject(new Error(`${slider}: the picture does not change`)), 10_000);
      const watch = new MutationObserver(() => {
        if (shownNow() === before) return;
        watch.disconnect();
        resolve();
      });
      watch.observe(document.body, {
        subtree: true,
        childList: true,
        attributes: true,
        characterData: true,
      });
    });
  // A message posted in a frame's callback arrives once that frame has been painted.
  const painted = () =>
    new Promise((resolve) =>
      requestAnimationFrame(() => {
        const channel = new MessageChannel();
        channel.port1.onmessage = resolve;
        channel.port2.postMessage(0);
      }),
    );
  const times = [];
  for (const value of values) {
    const done = changed(shownNow());
    const from = performance.now();
    set.call(input, String(value));
    input.dispatchEvent(new Event('input', { bubbles: true }));
    await done;
    await painted();
    times.push(performance.now() - from);
    await new Promise((resolve) => setTimeout(resolve, 150));
  }
  return times.sort((a, b) => a - b);
}

const summary = (times) =>
  `${times[times.length >> 1].toFixed(0)} ms median, ${times[Math.floor(times.length * 0.95)].toFixed(0)} ms at the 95th percentile of ${times.length}`;

/** From the tap to the band on the screen; the workers are warm from the first, which is not counted. */
async function spreadTimes(page) {
  await page.getByTestId('how-sure').click();
  const times = [];
  for (let run = 0; run < 8; run += 1) {
    // Another uncertainty drops the runs of the one before.
    await page.getByTestId('unsure-ovenK').fill(String(4 + run / 10));
    await page.getByTestId('spread').waitFor({ state: 'detached' });
    await page.locator('[data-testid="run-spread"]:enabled').waitFor();
    const ms = await page.evaluate(async () => {
      const from = performance.now();
      document.querySelector('[data-testid="run-spread"]').click();
      while (!document.querySelector('[data-testid="spread"]')) {
        await new Promise((resolve) => setTimeout(resolve, 5));
      }
      return performance.now() - from;
    });
    if (run > 0) times.push(ms);
  }
  return times.sort((a, b) => a - b);
}

export async function benchSliders(baseUrl) {
  const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium-headless-shell',
    args: ['--no-sandbox', '--disable-dev-shm-usage', '--disable-background-networking'],
  });
  const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
  await page.goto(baseUrl + BAY);
  await page.getByTestId('forecast-sentence').waitFor();
  const session = await page.context().newCDPSession(page);
  const from = (least, step) =>
    Array.from({ length: MOVES }, (_, index) => least + Math.round(index * step));
  const found = {};
  for (const [slowed, said] of [
    [SLOWED, `${SLOWED} × slower`],
    [1, 'full speed'],
  ]) {
    await session.send('Emulation.setCPUThrottlingRate', { rate: slowed });
    const shown = '[data-testid="filling-in-section"]';
    // The minutes that are scrubbed are those of this oven.
    await page.getByTestId('oven-slider').fill('140');
    await page.waitForTimeout(2000);
    const scrub = await page.evaluate(follow, {
      slider: 'scrubber',
      shown,
      // From when it begins to thicken: what is all liquid looks alike.
      values: from(1400, 20),
    });
    found[`Scrubber moved, moon and section redrawn (${said})`] = summary(scrub);
    const oven = await page.evaluate(follow, {
      slider: 'oven-slider',
      shown,
      values: from(slowed === 1 ? 181 : 141, 1),
    });
    found[`Oven slider moved, new forecast drawn (${said})`] = summary(oven);
  }
  const spreads = await spreadTimes(page);
  await browser.close();
  found['Two hundred runs of a spread, asked for to drawn (full speed)'] = summary(spreads);
  return found;
}
