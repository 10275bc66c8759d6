import type { StoredBake } from '@hollow-moon/contract';
import { centreReadings } from './centre';

it('what was read in the middle is none of what was read at the rim or of the oven', () => {
  const read = (place: string, celsius: number) => ({ id: place, atS: 60, place, celsius });
  const readings = [read('centre', 70), read('rim', 75), read('oven', 140), read('centre', 72)];
  const found = centreReadings({ readings } as unknown as StoredBake);
  expect(found.map(({ celsius }) => celsius)).toEqual([70, 72]);
});
