import type { Quantity } from '@hollow-moon/core';
import { say, type Words } from '@hollow-moon/words';

/** What the fields of a kitchen's things are called. */
const NAMES: Readonly<Record<string, string>> = {
  name: say('kitchen.name'),
  kind: say('kitchen.kind'),
  eggGrade: say('outgoing.eggs'),
  altitudeM: say('outgoing.altitude-m'),
  roomC: say('outgoing.room-c'),
  currency: say('outgoing.prices-in'),
  baseDiameterMm: say('outgoing.base-across-mm'),
  topDiameterMm: say('outgoing.top-across-mm'),
  breadthMm: say('outgoing.breadth-mm'),
  tubeMm: say('outgoing.tube-across-mm'),
  heightMm: say('outgoing.height-mm'),
  lipMm: say('outgoing.flat-rim-mm'),
  capacityMl: say('outgoing.holds-ml'),
  material: say('outgoing.made-of'),
  looseBase: say('outgoing.loose-base'),
  owned: say('outgoing.how-many'),
  offsetK: say('outgoing.off-by-c'),
  swingK: say('outgoing.swings-by-c'),
  price: say('outgoing.price'),
  own: say('outgoing.label-of-our-own'),
  archived: say('outgoing.put-away'),
  result: say('outgoing.result'),
  faults: say('outgoing.faults'),
  note: say('outgoing.note'),
  pulledAt: say('outgoing.pulled'),
};

export interface Difference {
  readonly what: string;
  readonly mine: string;
  readonly theirs: string;
}

const plain = (value: unknown): string => {
  if (value === null || value === undefined || value === '') return say('outgoing.none');
  if (typeof value === 'boolean') return say(value ? 'outgoing.yes' : 'outgoing.no');
  if (typeof value === 'number' || typeof value === 'string') return String(value);
  const inside = Object.values(value).map(plain);
  return inside.length === 0
    ? say('outgoing.none')
    : inside.join(Array.isArray(value) ? ', ' : ' ');
};

/** The quantities among what a kitchen keeps. */
const QUANTITIES: Readonly<Record<string, (value: number) => Quantity>> = {
  roomC: (celsius) => ({ celsius }),
  setC: (ovenC) => ({ ovenC }),
  fillingStartC: (celsius) => ({ celsius }),
  offsetK: (kelvin) => ({ kelvin }),
  swingK: (kelvin) => ({ kelvin }),
  baseDiameterMm: (widthMm) => ({ widthMm }),
  topDiameterMm: (widthMm) => ({ widthMm }),
  breadthMm: (widthMm) => ({ widthMm }),
  tubeMm: (widthMm) => ({ widthMm }),
  heightMm: (millimetres) => ({ millimetres }),
  lipMm: (millimetres) => ({ millimetres }),
  capacityMl: (millilitres) => ({ millilitres }),
};

/** In what two states of one thing differ, in words. */
export function differences(
  mine: object,
  theirs: object,
  { quantity }: Pick<Words, 'quantity'>,
): readonly Difference[] {
  const shown = (name: string, value: unknown): string => {
    const quantityOf = QUANTITIES[name];
    return typeof value === 'number' && quantityOf ? quantity(quantityOf(value)) : plain(value);
  };
  const names = [...new Set([...Object.keys(mine), ...Object.keys(theirs)])];
  const [here, there] = [mine, theirs] as Readonly<Record<string, unknown>>[];
  return names.flatMap((name) => {
    const [a, b] = [shown(name, here?.[name]), shown(name, there?.[name])];
    return a === b ? [] : [{ what: NAMES[name] ?? name, mine: a, theirs: b }];
  });
}
