import { codesOf } from '../testing/findings';
import { analyse, type Line } from '../formula';
import { judgePart } from './part';
import { judgeSetting } from './judge';
import { type Judged } from './verdict';

const lines = (...each: [string, number, Line['unit']?][]): Line[] =>
  each.map(([ingredientId, amount, unit = 'g'], index) => ({
    id: String(index),
    ingredientId,
    amount,
    unit,
  }));

const judge = (list: Line[], shell: 'none' | 'sweet-dough' = 'none'): Judged => {
  const verdict = judgeSetting(analyse(list, 'EU M'), 'baked-custard', shell);
  if (verdict.kind !== 'judged') throw new Error(verdict.kind);
  return verdict;
};

const milkCustard = lines(['milk', 1000], ['egg', 265], ['egg-yolk', 85], ['sugar', 170]);
const potCustard = lines(['cream', 800], ['egg-yolk', 125], ['sugar', 110]);

describe('the setting temperature', () => {
  // Source: Lowe, Experimental Cookery; McGee, On Food and Cooking (from memory): undiluted whole
  // egg sets near 73 °C, yolk near 70.
  it('of undiluted egg', () => {
    expect(Math.abs(judge(lines(['egg', 100])).setC - 73)).toBeLessThan(1);
    expect(Math.abs(judge(lines(['egg-yolk', 100])).setC - 70)).toBeLessThan(1);
  });

  // Source: as above: a milk-and-sugar custard sets at about 78 to 83 °C, curdles from 85 to 88.
  it('of a milk-and-sugar custard', () => {
    const verdict = judge(milkCustard);
    expect(verdict.setC).toBeGreaterThan(78);
    expect(verdict.setC).toBeLessThan(83);
    expect(verdict.curdleC).toBeGreaterThanOrEqual(84.5);
    expect(verdict.curdleC).toBeLessThan(88.5);
  });

  // Source: common practice: pots of yolks and cream are done at 76 to 80 °C in the middle.
  it('of a pot of yolks and cream', () => {
    expect(judge(potCustard).setC).toBeGreaterThan(76);
    expect(judge(potCustard).setC).toBeLessThan(80.5);
  });

  // Source: common practice: sugar and dilution raise it, acid lowers it.
  it('moves the way cooks know', () => {
    const base = judge(milkCustard).setC;
    expect(judge([...milkCustard, ...lines(['sugar', 150])]).setC).toBeGreaterThan(base);
    expect(judge([...milkCustard, ...lines(['milk', 400])]).setC).toBeGreaterThan(base);
    expect(judge([...milkCustard, ...lines(['lemon-juice', 150])]).setC).toBeLessThan(base);
  });

  it('carries an uncertainty that grows with what was added', () => {
    expect(judge(lines(['egg', 100])).setUncertaintyK).toBeCloseTo(1.2, 1);
    expect(judge(milkCustard).setUncertaintyK).toBeGreaterThan(1.3);
    expect(judge(milkCustard).setUncertaintyK).toBeLessThan(3);
  });
});

describe('curdling', () => {
  // Source: common practice: starch removes the curdling limit.
  it('is put off by a little starch and removed by more', () => {
    const plain = judge(milkCustard).marginK ?? 0;
    const little = judge([...milkCustard, ...lines(['cornflour', 15])]).marginK ?? 0;
    expect(little).toBeGreaterThan(plain);
    expect(judge([...milkCustard, ...lines(['cornflour', 60])]).curdleC).toBeUndefined();
  });
});

describe('firmness', () => {
  // Source: common practice, as each formula is served: turned-out milk custard (egg : liquid 0.34,
  // as many whole eggs as yolks), yolk tart, yolk pot (0.13 to 0.18), and one yolk in a mug of milk.
  it('meets the way each is served', () => {
    expect(judge(milkCustard).firmness).toBe('unmouldable');
    expect(judge(lines(['cream', 500], ['egg-yolk', 160], ['sugar', 75])).firmness).toBe(
      'sliceable',
    );
    expect(judge(potCustard).firmness).toBe('spoonable');
    expect(judge(lines(['milk', 300], ['egg-yolk', 18])).firmness).toBe('pourable');
  });

  // Source: common practice: without white a custard is too soft to be turned out.
  it('does not stand on yolks alone', () => {
    expect(judge(lines(['milk', 500], ['egg-yolk', 250], ['sugar', 80])).firmness).toBe(
      'sliceable',
    );
  });

  it('warns of a slice that will not hold', () => {
    expect(codesOf(judge(potCustard, 'sweet-dough').warnings)).toEqual([
      'setting.custard.too-soft-for-a-shell',
    ]);
    expect(judge(potCustard, 'none').warnings).toEqual([]);
  });
});

describe('what it cannot judge', () => {
  it('says so, with the reason', () => {
    const nothing = analyse([], 'EU M');
    expect(judgeSetting(nothing, 'baked-custard', 'none').kind).toBe('not-judged');
    expect(judgeSetting(nothing, 'curd', 'none').kind).toBe('not-judged');
    expect(
      judgeSetting(analyse(lines(['milk', 9]), 'EU M'), 'baked-custard', 'none'),
    ).toMatchObject({
      reason: { code: 'setting.custard.no-egg' },
    });
    expect(judgeSetting(analyse(lines(['milk', 9]), 'EU M'), 'cold-set', 'none')).toMatchObject({
      reason: { code: 'setting.cold.nothing-sets' },
    });
  });
});

describe('on the trade’s own basis', () => {
  // Common practice: pots of yolks alone, 0.13 to 0.18 of egg to liquid, are spooned; a milk custard of 0.34 is turned
  // out; added sugar of 9.5 to 14 % is usual. None of these is faulty.
  it.each([
    ['pots of 0.15', lines(['cream', 800], ['egg-yolk', 120], ['sugar', 100]), 'spoonable'],
    ['pots of 0.18', lines(['cream', 700], ['egg-yolk', 126], ['sugar', 95]), 'spoonable'],
    [
      'turned out, 0.34',
      lines(['milk', 1000], ['egg', 255], ['egg-yolk', 85], ['sugar', 180]),
      'unmouldable',
    ],
    [
      'a shell of whole eggs and yolks',
      lines(['cream', 400], ['milk', 150], ['egg', 100], ['egg-yolk', 110], ['sugar', 85]),
      'sliceable',
    ],
  ] as const)('%s is sound', (_, list, firmness) => {
    const found = judge([...list], 'none');
    expect(found.firmness).toBe(firmness);
    expect(found.warnings).toEqual([]);
  });

  // Milk's own sugar is not what a cook added: 5 % of lactose would have hidden this.
  it('warns of too little and too much added sugar', () => {
    const sweet = (sugar: number) =>
      judge(lines(['milk', 800], ['egg', 250], ['sugar', sugar])).warnings.map(
        ({ values }) => values?.value,
      );
    expect(sweet(90)).toEqual([{ share: expect.closeTo(0.0789, 3) }]);
    expect(sweet(130)).toEqual([]);
    expect(sweet(250)).toEqual([{ share: expect.closeTo(0.1923, 3) }]);
  });

  it('cannot tell while an amount is unknown', () => {
    const [milk, ...rest] = milkCustard;
    const verdict = judgePart(
      analyse([{ ...milk!, vague: 'unknown' }, ...rest], 'EU M'),
      'baked-custard',
      'none',
    );
    expect(verdict).toEqual({
      kind: 'not-judged',
      reason: { code: 'formula.cannot-tell', values: { name: 'whole milk', more: 0 } },
    });
  });
});
