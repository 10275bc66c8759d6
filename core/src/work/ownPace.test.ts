/** A kitchen's own pace, worked by hand and by brute force. */
import { plainTask, workFrom } from '../testing/sessions';
import { atOwnPace, ownPaces, PACE_LIMITS, TIMED, type Took } from './ownPace';

const took = (tookMin: number, usualMin = 20, verb: Took['verb'] = 'roll-and-line'): Took => ({
  verb,
  usualMin,
  tookMin,
});

// By hand: ln 1.5 = 0.405465, so kitchens weigh 1/0.164402 = 6.0827; each time, with taps of 1.5 min in 20, weighs
// 1/(0.09 + 0.005625) = 10.4575. Four of them: 41.8301 * 0.405465 / 47.9127 = 0.353990, and e to that is 1.4247.
it('weighs what was timed against how far kitchens lie apart', () => {
  expect(ownPaces([30, 30, 30, 30].map((min) => took(min)))).toEqual([
    { verb: 'roll-and-line', factor: 1.42, times: 4 },
  ]);
});

// The mean of the posterior by brute force: prior times likelihood on a fine grid, which knows of no formula for it.
it('agrees with the prior times the likelihood, summed over a grid', () => {
  const times = [took(11, 8), took(30, 20), took(9, 10), took(70, 45), took(5, 4)];
  const density = (x: number, mean: number, sd: number) => Math.exp(-0.5 * ((x - mean) / sd) ** 2);
  let [mass, moment] = [0, 0];
  for (let x = -2; x <= 2; x += 0.0005) {
    const weight = times.reduce(
      (product, { usualMin, tookMin }) =>
        product * density(Math.log(tookMin / usualMin), x, Math.hypot(0.3, 1.5 / usualMin)),
      density(x, 0, Math.log(1.5)),
    );
    mass += weight;
    moment += weight * x;
  }
  const [pace] = ownPaces(times);
  expect(pace!.factor).toBeCloseTo(Math.exp(moment / mass), 2);
  expect(pace!.times).toBe(5);
});

it('says nothing of what was timed once or twice, and moves less for three than for twelve', () => {
  const timed = (times: number) => ownPaces(Array.from({ length: times }, () => took(40)));
  expect(timed(TIMED.least - 1)).toEqual([]);
  const [[three], [twelve]] = [timed(3), timed(12)];
  expect(three!.factor).toBeGreaterThan(1.4);
  expect(twelve!.factor).toBeGreaterThan(three!.factor + 0.1);
  expect(twelve!.factor).toBeLessThan(2);
});

it('counts the last times alone, and each kind of work for itself', () => {
  const latest = Array.from({ length: TIMED.last }, () => took(30));
  const long_ago = Array.from({ length: 50 }, () => took(8));
  const others = Array.from({ length: 3 }, () => took(10, 10, 'fill'));
  const paces = ownPaces([...latest, ...others, ...long_ago]);
  expect(paces).toEqual([...ownPaces(latest), { verb: 'fill', factor: 1, times: 3 }]);
  expect(paces[0]!.times).toBe(TIMED.last);
});

it('believes no tap that was plainly forgotten, or made at once', () => {
  const meant = [took(22), took(26), took(24)];
  const forgotten = [took(20 * PACE_LIMITS.most + 1), took(0), took(20 * PACE_LIMITS.least - 1)];
  expect(ownPaces([...forgotten, ...meant])).toEqual(ownPaces(meant));
});

describe('a list of work', () => {
  const looks = [
    { at: 'start', offsetMin: 0, minutes: 2 },
    { at: 'end', offsetMin: 0, minutes: 2 },
  ] as const;
  const work = workFrom([
    plainTask('mix', 20, { verb: 'mix-dough' }),
    plainTask('line', 10, { verb: 'roll-and-line' }),
    plainTask('bake', 40, { verb: 'bake', from: 'computed', hands: looks }),
    plainTask('seal', 1, { verb: 'seal' }),
  ]);
  const paces = [
    { verb: 'mix-dough', factor: 1.32, times: 5 },
    { verb: 'bake', factor: 2, times: 5 },
    { verb: 'seal', factor: 0.4, times: 5 },
  ] as const;

  // By hand: 20 * 1.32 = 26.4; what would take 0.4 min takes one.
  it('takes what it takes here, and keeps what would be usual beside it', () => {
    const { tasks, ...rest } = atOwnPace(work, paces);
    const [mix, line, bake, seal] = tasks;
    expect(mix).toMatchObject({ from: 'kitchen', usualMin: 20 });
    expect(mix!.span).toEqual({ earliestMin: 26, expectedMin: 26, latestMin: 26 });
    expect(mix!.hands).toEqual([{ at: 'start', offsetMin: 0, minutes: 26 }]);
    expect(seal).toMatchObject({ usualMin: 1, span: { expectedMin: 1 } });
    // Nothing is known of the one, and the other is a matter of the oven.
    expect([line, bake]).toEqual([work.tasks[1], work.tasks[2]]);
    expect(rest).toEqual({ ready: work.ready, besides: work.besides });
  });

  it('is not stretched twice', () => {
    const once = atOwnPace(work, paces);
    expect(atOwnPace(once, paces)).toEqual(once);
    expect(atOwnPace(work, [])).toBe(work);
  });
});
