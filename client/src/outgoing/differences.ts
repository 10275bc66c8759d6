/** What the fields of a kitchen's things are called. */
const NAMES: Readonly<Record<string, string>> = {
  name: 'Name',
  kind: 'Kind',
  eggGrade: 'Eggs',
  altitudeM: 'Altitude, m',
  roomC: 'Room, °C',
  currency: 'Prices in',
  baseDiameterMm: 'Base across, mm',
  topDiameterMm: 'Top across, mm',
  breadthMm: 'Breadth, mm',
  tubeMm: 'Tube across, mm',
  heightMm: 'Height, mm',
  lipMm: 'Flat rim, mm',
  capacityMl: 'Holds, ml',
  material: 'Made of',
  looseBase: 'Loose base',
  owned: 'How many',
  offsetK: 'Off by, °C',
  swingK: 'Swings by, °C',
  price: 'Price',
  own: 'Label of our own',
  archived: 'Put away',
  result: 'Result',
  faults: 'Faults',
  note: 'Note',
  pulledAt: 'Pulled',
};

export interface Difference {
  readonly what: string;
  readonly mine: string;
  readonly theirs: string;
}

const plain = (value: unknown): string => {
  if (value === null || value === undefined || value === '') return 'none';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value === 'number' || typeof value === 'string') return String(value);
  const inside = Object.values(value).map(plain);
  return inside.length === 0 ? 'none' : inside.join(Array.isArray(value) ? ', ' : ' ');
};

/** In what two states of one thing differ, in words. */
export function differences(mine: object, theirs: object): readonly Difference[] {
  const names = [...new Set([...Object.keys(mine), ...Object.keys(theirs)])];
  const [here, there] = [mine, theirs] as Readonly<Record<string, unknown>>[];
  return names.flatMap((name) => {
    const [a, b] = [plain(here?.[name]), plain(there?.[name])];
    return a === b ? [] : [{ what: NAMES[name] ?? name, mine: a, theirs: b }];
  });
}
