import {
  analyse,
  bakesOf,
  forecast,
  judgePart,
  scaleLines,
  type Forecast,
} from '@hollow-moon/core';
import {
  METRIC,
  captionOf,
  layerInWords,
  layersInWords,
  outlookInShort,
  pullSentence,
  shortVerdict,
  spanOfMinutes,
  waterInWords,
  wordsIn,
} from '@hollow-moon/words';
import { book, hopelessDish, tart } from '../testing/book';
import { planFor } from './planFor';

const made = (change: Partial<typeof tart> = {}): Forecast => {
  const wish = planFor({ ...tart, ...change }, book);
  const result = 'plan' in wish ? forecast(wish.plan) : undefined;
  if (!result?.ok) throw new Error('no forecast');
  return result.value;
};
const celsius = wordsIn(METRIC);

describe('a forecast in words', () => {
  it('says minutes, range, probe, wobble and coast', () => {
    const text = pullSentence(made({ setC: 150, lines: scaleLines(tart.lines, 1.45) }), celsius);
    expect(text).toMatch(
      /^Pull at \d+ min, \d+ to \d+, at \d+\s°C, when \d+(\.5)?\scm in the middle still move like a jelly\. It (coasts|finishes)/,
    );
    expect(shortVerdict(made())).toMatch(/^Pull at \d+ min, \d+ to \d+$/);
  });

  it('says what to do where there is no window', () => {
    const none = made(hopelessDish);
    expect(none.verdict.kind).toBe('no-window');
    expect(pullSentence(none, celsius)).toBe(
      'Baked like this, the rim curdles before the middle has set.',
    );
    expect(shortVerdict(none)).toMatch(/^No window/);
  });

  it('speaks Fahrenheit when asked, in differences too', () => {
    const { verdict } = made();
    const probeC = verdict.kind === 'window' ? verdict.best.probeC : NaN;
    expect(pullSentence(made(), wordsIn({ ...METRIC, degrees: 'F' }))).toContain(
      `${Math.round(probeC * 1.8 + 32)}\u00a0°F`,
    );
    expect(wordsIn({ ...METRIC, degrees: 'F' }).span(5)).toBe('9');
  });

  it('falls back to what can be said', () => {
    const of = (lines: typeof tart.lines, family: typeof tart.family) =>
      judgePart(analyse(lines, 'EU M'), family, 'none');
    const judged = of(tart.lines, 'baked-custard');
    const empty = {
      missingAmounts: 0,
      bakes: undefined,
      missing: undefined,
      problem: undefined,
      forecast: undefined,
      temperature: celsius,
    };
    const bakes = bakesOf(judged, 'baked-custard', 'none');
    expect(outlookInShort({ ...empty, judged, bakes })).toBe('Working it out');
    expect(outlookInShort({ ...empty, judged, missing: 'A tin.' })).toBe('A tin.');
    expect(outlookInShort({ ...empty, judged: of([], 'curd') })).toMatch(/nothing on the list/);
    const vague = tart.lines.map((line, at) =>
      at < 2 ? { ...line, vague: 'unknown' as const } : line,
    );
    expect(
      outlookInShort({ ...empty, judged: of(vague, 'baked-custard'), missingAmounts: 2 }),
    ).toBe('2 amounts are missing.');
    // Too little egg to hold: what to do about it, whatever is missing besides.
    const thin = tart.lines.map((line) =>
      line.ingredientId === 'egg-yolk' ? { ...line, amount: 15 } : line,
    );
    expect(outlookInShort({ ...empty, judged: of(thin, 'baked-custard'), missing: 'A tin.' })).toBe(
      'It will not set: add egg or use less liquid.',
    );
    const syrup = of(tart.lines, 'syrup-nut');
    const sign = 'Sliceable, done at 93 to 96\u00a0°C';
    expect(outlookInShort({ ...empty, judged: syrup })).toBe(sign);
    // Baked by a sign: without a tin the sign is what can be said, with one there is a forecast.
    const baked = { ...empty, judged: syrup, bakes: bakesOf(syrup, 'syrup-nut', 'none') };
    expect(outlookInShort({ ...baked, missing: 'A tin.' })).toBe(sign);
    expect(outlookInShort({ ...baked, forecast: made() })).toMatch(/^Pull at/);
    expect(outlookInShort({ ...empty, judged: of(tart.lines, 'starch-cream') })).toMatch(
      /^Add starch/,
    );
  });

  it('writes the wobble across the moon while there is one', () => {
    expect(captionOf(0.11, celsius)).toBe('11\u00a0cm');
    // As finely as it can be told: to the half below ten, to the whole above.
    expect(captionOf(0.076, celsius)).toBe('7.5\u00a0cm');
    expect(captionOf(0.1163, celsius)).toBe('12\u00a0cm');
    expect(captionOf(0.001, celsius)).toBeUndefined();
  });
});

describe('spans of minutes', () => {
  it.each([
    [spanOfMinutes(1800, 2160), '30 to 36'],
    [spanOfMinutes(1800, 1810), '30'],
  ])('%s', (shown, expected) => expect(shown).toBe(expected));
});

describe('layers in words', () => {
  const laid = { name: 'Almond cream', kind: 'nut-cream', place: 'under', atPullC: 76.4 } as const;

  it('says how warm each is when it is pulled, and whether a raw one sets', () => {
    expect(layerInWords(laid, celsius)).toBe(
      'Almond cream, under it: 76\u00a0°C at its coldest when it is pulled.',
    );
    expect(layerInWords({ ...laid, set: 0.95, setC: 91.5 }, celsius)).toMatch(
      /and set all through\.$/,
    );
    const raw = layerInWords({ ...laid, set: 0.2, setC: 91.5 }, celsius);
    expect(raw).toContain('but it sets at 92\u00a0°C');
    expect(raw).toMatch(/Bake it before/);
  });

  it('names them from the base up, with their thickness', () => {
    const { field } = made();
    const fill = { ...field.fill, depthM: 0.0204 };
    const under = [
      { name: 'Plums', thicknessM: 0.012 },
      { name: 'Caramel', thicknessM: 0.002 },
    ];
    const over = [{ name: 'Crumble', thicknessM: 0.006 }];
    expect(layersInWords({ ...field, fill, under, over }, celsius)).toBe(
      'Caramel 2\u00a0mm, Plums 12\u00a0mm, filling 20\u00a0mm, Crumble 6\u00a0mm',
    );
  });
});

it('says what becomes of the water', () => {
  expect(waterInWords(31.6, celsius)).toBe('each tin loses about 32\u00a0g of water');
  expect(waterInWords(-0.3, celsius)).toBe('each tin loses about 0\u00a0g of water');
  expect(waterInWords(-7.4, celsius)).toBe(
    'each tin takes up about 7\u00a0g of water from the steam',
  );
});
