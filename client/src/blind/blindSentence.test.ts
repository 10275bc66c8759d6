import { blindSentence, rawBaseInWords, soggyInWords } from '@hollow-moon/words';
import { blindPlanOf, PLAIN_SHELL_BAKE } from '@hollow-moon/contract';
import { forecastBlind } from '@hollow-moon/core';
import { lab } from 'd3-color';
import { book, tart } from '../testing/book';
import { swatchOf } from '../design';

const plan = blindPlanOf(tart, {
  kitchen: book.kitchen.data,
  vessel: book.vessels[0]!.data,
  oven: book.ovens[0]!.data,
  own: [],
  formulaOf: book.formulaOf,
});
const made = (stages = PLAIN_SHELL_BAKE.stages) => {
  const result = forecastBlind({ ...plan, stages });
  if (!result.ok) throw new Error(result.problem.code);
  return { forecast: result.value, plan: { ...plan, stages } };
};

describe('the empty shell in words', () => {
  it('says when the weights come out and what colour it has', () => {
    const { forecast, plan: of } = made();
    const says = blindSentence(forecast, of);
    expect(says).toMatch(
      /^The walls stand up by themselves from \d+ min: take the weights out then\./,
    );
    expect(says).toContain(forecast.baseShade);
    const short = made([{ minutes: 4, setC: 170, weighted: true, outOfRing: false }]);
    expect(blindSentence(short.forecast, short.plan)).toMatch(/^The walls do not stand/);
  });

  it('is as thick and deep as the formula and its tin say', () => {
    expect(plan).toMatchObject({ thicknessMm: 3, material: 'bright-tin', weightsMm: 27 });
    expect(plan.baseMm2).toBeCloseTo(Math.PI * 120 ** 2, 6);
  });

  it('says how long it stays crisp', () => {
    expect(soggyInWords({ lessCrispS: 3600 * 3, softS: 3600 * 8, hourly: [] })).toMatch(
      /^The base is crisp for 3\sh after filling, and is soft after 8\sh\.$/,
    );
    expect(soggyInWords({ lessCrispS: undefined, softS: undefined, hourly: [] })).toMatch(
      /five days/,
    );
    expect(soggyInWords({ lessCrispS: 0, softS: 0, hourly: [] })).toMatch(/^Bake the base drier/);
  });

  it('says what becomes of a raw base, and what to do', () => {
    const of = (verdict: 'raw' | 'pale' | 'baked') =>
      rawBaseInWords({ verdict, shade: 'straw', setInside: 1, setOutside: 1 });
    expect(of('raw')).toMatch(/^Bake the shell first/);
    expect(of('pale')).toMatch(/hot tray/);
    expect(of('baked')).toContain('straw');
  });

  it('shows colours that darken as the shell does', () => {
    const lightness = [80, 70, 60, 50, 40, 30].map((l) => lab(swatchOf(l)).l);
    expect(lightness).toEqual([...lightness].sort((a, b) => b - a));
    lightness.forEach((l, index) => expect(Math.abs(l - (80 - 10 * index))).toBeLessThan(1));
  });
});
