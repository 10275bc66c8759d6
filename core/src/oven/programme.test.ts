import { ovenStretches, type OvenProgramme, type OvenStretch } from './programme';

const ROOM_C = 20;

const oven = (setC: number, programme: OvenProgramme = {}, vessels = 1): OvenStretch[] =>
  ovenStretches(
    'still',
    setC,
    0,
    ROOM_C,
    programme,
    { vessels, areaM2: 0.15, heatJK: 4000, startC: 20 },
    2 * 3600,
  );

const at = (stretches: readonly OvenStretch[], minutes: number): OvenStretch =>
  stretches.find(({ untilS }) => untilS > minutes * 60)!;

describe('an oven over a bake', () => {
  it('that is hot and has little in it is one steady stretch', () => {
    const [only, ...more] = oven(150);
    expect(more).toEqual([]);
    expect(only).toMatchObject({ untilS: 7200, airC: 150 });
  });

  // Worked by hand: at 150 °C in a kitchen of 20 a still oven loses 4.5 × 130 = 585 W through its walls; the lining has
  // 15 % of it from the air, over 8 W/(m² K) × 0.95 m²: it stands 11.5 K
  // under it. A stone deck is heated from within.
  it('has a lining cooler than the air that warms it', () => {
    const empty = (kind: 'still' | 'fan' | 'deck') =>
      ovenStretches(kind, 150, 0, ROOM_C, {}, undefined, 3600)[0]!;
    expect(empty('still').wallsC).toBeCloseTo(150 - 11.5, 1);
    expect(empty('deck').wallsC).toBeCloseTo(150, 6);
  });

  it('adds what it is off by', () => {
    const [only] = ovenStretches('fan', 150, -12, ROOM_C, {}, undefined, 3600);
    expect(only).toMatchObject({ airC: 138 });
  });

  // Common practice: a domestic oven is hot in 15 to 20 min; from memory, a stone deck takes about an hour.
  it('heats up from cold as ovens do', () => {
    const domestic = oven(180, { entersAtC: ROOM_C });
    expect(at(domestic, 8).airC).toBeLessThan(150);
    expect(at(domestic, 22).airC).toBeGreaterThan(175);
    const deck = ovenStretches('deck', 200, 0, ROOM_C, { entersAtC: ROOM_C }, undefined, 2 * 3600);
    expect(at(deck, 30).wallsC).toBeLessThan(150);
    expect(at(deck, 110).wallsC).toBeGreaterThan(190);
  });

  it('is turned down, and follows slowly because its walls are hot', () => {
    const down = oven(220, { steps: [{ atMin: 15, to: 175 }] });
    expect(at(down, 10).airC).toBeCloseTo(220, 0);
    expect(at(down, 17).wallsC).toBeGreaterThan(195);
    expect(at(down, 70).airC).toBeCloseTo(175, 0);
  });

  // Newton's law of cooling with the loss and heat capacity stated: exp(-t / (C / UA)).
  it('switched off, cools as a lump does', () => {
    const off = ovenStretches(
      'still',
      180,
      0,
      ROOM_C,
      { steps: [{ atMin: 0, to: 'off-shut' }] },
      undefined,
      3600,
    );
    const expected = ROOM_C + 160 * Math.exp(-(30 * 60) / (15_000 / 4.5));
    expect(Math.abs(at(off, 30).wallsC - expected)).toBeLessThan(3);
    const ajar = oven(180, { steps: [{ atMin: 0, to: 'off-ajar' }] });
    expect(at(ajar, 30).wallsC).toBeLessThan(at(off, 30).wallsC - 30);
  });

  it('loses its air through an open door and soon has it back', () => {
    const opened = oven(160, { doors: [{ atMin: 20, forS: 45 }] });
    const coldest = Math.min(...opened.map(({ airC }) => airC));
    expect(coldest).toBeLessThan(110);
    expect(at(opened, 19).airC).toBeCloseTo(160, 0);
    expect(at(opened, 26).airC).toBeGreaterThan(152);
  });

  it('sags under a load its heater cannot keep up with, and not under a small one', () => {
    expect(oven(160, {}, 2)).toHaveLength(1);
    const full = oven(160, {}, 30);
    expect(Math.min(...full.map(({ wallsC }) => wallsC))).toBeLessThan(140);
  });

  it('swings round its mean', () => {
    const swung = oven(150, { swingK: 10 });
    expect(swung.length).toBeGreaterThan(30);
    const mean =
      swung.reduce(
        (sum, { airC, untilS }, i) => sum + airC * (untilS - (swung[i - 1]?.untilS ?? 0)),
        0,
      ) / 7200;
    expect(mean).toBeCloseTo(150, 0);
  });
});
