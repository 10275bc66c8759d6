import type { KitchenData, OvenData, VesselData } from '@hollow-moon/contract';

/** Ids of the demonstration kitchen are fixed, so that loading it twice changes nothing. */
export const demoId = (group: number, item: number): string =>
  `00000000-0000-4000-8000-${String(group).padStart(4, '0')}${String(item).padStart(8, '0')}`;

export const DEMO_KITCHEN_ID = demoId(1, 1);

/** Lantern Row, a made-up night bakery at a river ferry landing. */
export const demoKitchen: KitchenData = {
  name: 'Lantern Row',
  eggGrade: 'EU M',
  altitudeM: 40,
  roomC: 24,
  currency: 'EUR',
  kWhPrice: 0.3,
};

export const OVEN = { deck: demoId(2, 1), fan: demoId(2, 2) } as const;

export const demoOvens: Readonly<Record<string, OvenData>> = {
  [OVEN.deck]: {
    ...{ name: 'Deck oven', kind: 'deck', offsetK: -9, swingK: 0, archived: false },
    shelves: { count: 1, lengthMm: 900, breadthMm: 600 },
  },
  [OVEN.fan]: {
    ...{ name: 'Small fan oven', kind: 'fan', offsetK: 3, swingK: 0, archived: false },
    shelves: { count: 3, lengthMm: 450, breadthMm: 350 },
  },
};

export const VESSEL = {
  tart24: demoId(3, 1),
  deepRing20: demoId(3, 2),
  plate23: demoId(3, 3),
  pot85: demoId(3, 4),
  tartlet10: demoId(3, 5),
  darkTart26: demoId(3, 6),
  dish25: demoId(3, 7),
  glassPot7: demoId(3, 8),
  frame35: demoId(3, 9),
  fluted28: demoId(3, 10),
  oval22: demoId(3, 11),
  tube22: demoId(3, 12),
  mould120: demoId(3, 13),
} as const;

const round = (
  name: string,
  kind: VesselData['kind'],
  [baseDiameterMm, topDiameterMm, heightMm]: [number, number, number],
  material: VesselData['material'],
  owned: number,
  lipMm = 0,
): VesselData => ({
  name,
  kind,
  baseDiameterMm,
  topDiameterMm,
  heightMm,
  lipMm,
  material,
  owned,
  archived: false,
});

export const demoVessels: Readonly<Record<string, VesselData>> = {
  [VESSEL.tart24]: round('Tart tin 24 cm', 'straight-tin', [240, 240, 30], 'bright-tin', 6),
  [VESSEL.deepRing20]: round('Deep ring 20 cm', 'straight-tin', [200, 200, 50], 'bright-tin', 4),
  [VESSEL.plate23]: round('Glass pie plate 23 cm', 'pie-plate', [180, 230, 38], 'glass', 3, 12),
  [VESSEL.pot85]: round('Stoneware pot 8.5 cm', 'ramekin', [80, 86, 45], 'ceramic', 12),
  [VESSEL.tartlet10]: round('Tartlet ring 10 cm', 'straight-tin', [100, 100, 22], 'bright-tin', 16),
  [VESSEL.darkTart26]: round('Dark tart tin 26 cm', 'straight-tin', [260, 260, 28], 'dark-tin', 2),
  [VESSEL.dish25]: round('Stoneware pie dish 25 cm', 'pie-plate', [200, 250, 42], 'ceramic', 2, 10),
  [VESSEL.glassPot7]: round('Glass pot 7 cm', 'ramekin', [66, 70, 42], 'glass', 10),
  [VESSEL.frame35]: {
    ...round('Long frame 35 cm', 'rectangle', [350, 350, 25], 'bright-tin', 4),
    breadthMm: 110,
  },
  [VESSEL.fluted28]: {
    ...round('Fluted tin 28 cm', 'fluted-tin', [270, 280, 28], 'bright-tin', 2),
    looseBase: true,
  },
  [VESSEL.oval22]: {
    ...round('Oval gratin dish 22 cm', 'oval', [200, 220, 40], 'ceramic', 3, 8),
    breadthMm: 150,
  },
  [VESSEL.tube22]: {
    ...round('Tube mould 22 cm', 'tube', [210, 220, 90], 'bright-tin', 1),
    tubeMm: 60,
  },
  [VESSEL.mould120]: {
    ...round('Foil pot, 120 ml', 'capacity', [67, 67, 34], 'bright-tin', 24),
    capacityMl: 120,
  },
};
