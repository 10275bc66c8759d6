/** The level of a batch, worked by hand in a straight ring of 200 mm: 31 416 mm² and 31.416 ml a millimetre. */
import type { Vessel } from '../vessel';
import { batchStands, levelIn } from './level';
import { roomInside } from './shell';

const ring: Vessel = {
  name: 'Ring',
  kind: 'straight-tin',
  baseDiameterMm: 200,
  topDiameterMm: 200,
  heightMm: 61,
  lipMm: 0,
  material: 'bright-tin',
};
const room = (() => {
  const found = roomInside(ring, 0);
  if (!found.ok) throw new Error(found.problem.code);
  return found.value;
})();
const level = (fillingG?: number, underMl = 0) => {
  const found = levelIn(room, { headspaceMm: 6, fillingG, densityGMl: 1.05, underMl });
  if (!found.ok) throw new Error(found.problem.code);
  return found.value;
};

describe('the level of a batch', () => {
  // 31 mm of 31.416 ml at 1.05 g/ml are 1022.6 g.
  it('fills 31 of 61 mm', () => {
    const found = level(1022.6);
    expect(found.depthMm).toBeCloseTo(31, 2);
    expect(found.gapMm).toBeCloseTo(30, 2);
    expect(found.roomMm).toBe(61);
    expect(found.overflowG).toBe(0);
    expect(batchStands(found)).toBe('short');
  });

  // To the rim 61 mm hold 2012.2 g, to the gap of 6 mm 1814.3.
  it('overflows by what the rim does not hold', () => {
    const found = level(2052.2);
    expect(found.massG).toBeCloseTo(2012.2, 1);
    expect(found.overflowG).toBeCloseTo(40, 1);
    expect(found.gapMm).toBe(0);
    expect(found.wantedG).toBeCloseTo(1814.3, 1);
    expect(batchStands(found)).toBe('overflows');
  });

  it('stands on what lies under it', () => {
    const found = level(1022.6, 314.16);
    expect(found.depthMm).toBeCloseTo(41, 2);
    expect(found.wantedG).toBeCloseTo(1814.3 - 314.16 * 1.05, 1);
  });

  it('is the gap that is wanted where nothing is said of the batch', () => {
    expect(level().gapMm).toBe(6);
    expect(batchStands(level())).toBe('fits');
    expect(batchStands(level(1800))).toBe('fits');
    expect(batchStands(level(1900))).toBe('over');
  });
});
