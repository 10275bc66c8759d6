import {
  PLAIN_OVEN_USE,
  PLAIN_SHELL_BAKE,
  type BakeData,
  type FormulaData,
  type KitchenData,
  type Noted,
  type OvenData,
  type PantryData,
  type VesselData,
} from '@hollow-moon/contract';

const id = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;
export const IDS = {
  kitchen: id(1),
  vessel: id(2),
  oven: id(3),
  formula: id(4),
  bake: id(5),
  pantry: id(6),
  part: id(7),
  line: id(8),
  partLine: id(9),
  reading: id(10),
  wobble: id(11),
  deed: id(12),
} as const;

type Value = string | number | Date | null;
/**
 * The number of the migration a column came with (and, where it went again, the last it was there after), and its value,
 * or what that was in a version.
 */
type Cell = readonly [since: number, value: Value | ((version: number) => Value), until?: number];
interface KeptRow {
  readonly table: string;
  readonly since: number;
  readonly row: Readonly<Record<string, Cell>>;
}

/** Since this migration ids are plain: what they were called before is brought up to date. */
const PLAIN_IDS = 13;

const AT = new Date('2026-10-02T04:05:06.789Z');
const OVEN_USE = { ...PLAIN_OVEN_USE, foil: true, entersAtC: 171.5 };
const SHELL_BAKE = { ...PLAIN_SHELL_BAKE, docked: true, restMin: 55 };
// Before ovens could do all they can today, this was not kept with them.
const { topUp: _topUp, wrapped: _wrapped, mode: _mode, ...OVEN_USE_OF_THEN } = OVEN_USE;

const stored = (key: string, since: number): Readonly<Record<string, Cell>> => ({
  id: [since, key],
  version: [since, 3],
  last_write_id: [since, id(90)],
  updated_at: [since, AT],
});
const inKitchen = (key: string, since: number): Readonly<Record<string, Cell>> => ({
  ...stored(key, since),
  kitchen_id: [since, IDS.kitchen],
});

const FORESEEN: BakeData['foreseen'] = {
  window: null,
  pullS: 2400,
  setC: 79.5,
  curdleC: null,
  curve: [[0, 20.25, 20.5, 20, 1]],
  stays: [],
};

/** Rows of every table, each column with the migration it came with; nothing in them is what a default would be. */
const ROWS: readonly KeptRow[] = [
  {
    table: 'kitchens',
    since: 1,
    row: {
      ...stored(IDS.kitchen, 1),
      name: [1, 'Kept long'],
      egg_grade: [1, 'EU L'],
      altitude_m: [1, 812.5],
      room_c: [1, 17.25],
      currency: [5, 'CHF'],
      kwh_price: [26, 0.275],
    },
  },
  {
    table: 'vessels',
    since: 1,
    row: {
      ...inKitchen(IDS.vessel, 1),
      name: [1, 'Deep plate'],
      kind: [1, 'pie-plate'],
      base_diameter_mm: [1, 181.5],
      top_diameter_mm: [1, 229.25],
      height_mm: [1, 38.5],
      lip_mm: [1, 17],
      material: [1, 'glass'],
      owned: [1, 4],
      loose_base: [5, 1],
      archived: [12, 1],
    },
  },
  {
    table: 'ovens',
    since: 1,
    row: {
      ...inKitchen(IDS.oven, 1),
      name: [1, 'Corner oven'],
      kind: [1, 'deck'],
      offset_k: [1, -7.5],
      swing_k: [7, 6.25],
      archived: [12, 1],
    },
  },
  {
    table: 'formulas',
    since: 2,
    row: {
      ...inKitchen(IDS.formula, 2),
      name: [2, 'Old tart'],
      family: [2, (version) => (version < PLAIN_IDS ? 'purée-custard' : 'puree-custard')],
      shell: [2, 'pie-dough'],
      shell_thickness_mm: [2, 3.75],
      note: [2, 'As it was'],
      vessel_id: [2, IDS.vessel],
      vessel_count: [2, 3],
      headspace_mm: [2, 5.5],
      oven_id: [2, IDS.oven],
      set_c: [2, 151.5],
      filling_start_c: [2, 44.5],
      portions_each: [5, 11],
      loss_share: [5, 0.07],
      archived: [5, 1],
      bath_pan_length_mm: [6, 401],
      bath_pan_breadth_mm: [6, 302],
      bath_level_mm: [6, 31],
      bath_water_c: [6, 77],
      oven_use: [7, JSON.stringify(OVEN_USE_OF_THEN)],
      shell_bake: [7, JSON.stringify(SHELL_BAKE)],
    },
  },
  {
    table: 'formula_parts',
    since: 5,
    row: {
      kitchen_id: [5, IDS.kitchen],
      formula_id: [5, IDS.formula],
      id: [5, IDS.part],
      position: [5, 0],
      name: [5, 'Dough'],
      kind: [5, 'pie-dough'],
      place: [5, 'shell'],
      each_g: [5, 255.5],
      vessels: [5, 2],
      bakes_along: [8, 1],
    },
  },
  {
    table: 'formula_lines',
    since: 2,
    row: {
      kitchen_id: [2, IDS.kitchen],
      formula_id: [2, IDS.formula],
      id: [2, IDS.line],
      position: [2, 0],
      ingredient_id: [2, 'cream'],
      amount: [2, 0.1 + 0.2],
      unit: [2, 'kg'],
      note: [2, 'cold'],
      written: [4, '300 g cold cream'],
      held_back: [5, 12.5],
      instead_ingredient_id: [5, 'milk'],
      instead_amount: [5, 310],
      instead_unit: [5, 'g'],
      vague: [9, 'unknown'],
    },
  },
  {
    table: 'formula_lines',
    since: 5,
    row: {
      kitchen_id: [5, IDS.kitchen],
      formula_id: [5, IDS.formula],
      part_id: [5, IDS.part],
      id: [5, IDS.partLine],
      position: [5, 1],
      ingredient_id: [5, 'wheat-flour'],
      amount: [5, 250],
      unit: [5, 'g'],
    },
  },
  {
    table: 'bakes',
    since: 3,
    row: {
      ...inKitchen(IDS.bake, 3),
      formula_id: [3, IDS.formula],
      vessel_id: [3, IDS.vessel],
      oven_id: [3, IDS.oven],
      formula_name: [3, 'Old tart'],
      vessel_name: [3, 'Plate'],
      oven_name: [3, 'Oven of then'],
      vessel_count: [3, 2],
      shell: [3, 'pie-dough'],
      set_c: [3, 149.5],
      filling_start_c: [3, 41.5],
      surface_mm: [3, 221],
      foreseen: [3, JSON.stringify(FORESEEN)],
      started_at: [3, new Date('2026-10-01T03:00:00.500Z')],
      pulled_at: [3, new Date('2026-10-01T03:41:00.250Z')],
      result: [3, 'fair'],
      note: [3, 'Wept a little'],
      archived: [12, 1],
    },
  },
  {
    table: 'bake_readings',
    since: 3,
    row: {
      kitchen_id: [3, IDS.kitchen],
      bake_id: [3, IDS.bake],
      id: [3, IDS.reading],
      position: [3, 0, 11],
      at_s: [3, 1230.5],
      place: [3, 'rim'],
      celsius: [3, 71.25],
      vessel_no: [24, null],
    },
  },
  {
    table: 'bake_wobbles',
    since: 3,
    row: {
      kitchen_id: [3, IDS.kitchen],
      bake_id: [3, IDS.bake],
      id: [3, IDS.wobble],
      position: [3, 0, 11],
      at_s: [3, 2000.5],
      diameter_mm: [3, 66.5],
      motion: [3, (version) => (version < PLAIN_IDS ? 'as a jelly' : 'jelly')],
      vessel_no: [24, null],
    },
  },
  {
    table: 'bake_deeds',
    since: 18,
    row: {
      kitchen_id: [18, IDS.kitchen],
      bake_id: [18, IDS.bake],
      id: [18, IDS.deed],
      at_s: [18, 1500.25],
      kind: [18, 'oven'],
      celsius: [18, 135.5],
      step: [18, 1],
      vessel_no: [24, null],
    },
  },
  {
    table: 'bake_faults',
    since: 3,
    row: {
      kitchen_id: [3, IDS.kitchen],
      bake_id: [3, IDS.bake],
      fault: [3, (version) => (version < PLAIN_IDS ? 'soggy base' : 'soggy-base')],
      position: [3, 0],
    },
  },
  {
    table: 'pantry',
    since: 5,
    row: {
      ...inKitchen(IDS.pantry, 5),
      ingredient_id: [5, 'butter'],
      price: [5, 9.85],
      price_amount: [5, 0.25],
      price_unit: [5, 'kg'],
      archived: [12, 1],
    },
  },
];

/** What a database of a version has in it. */
export const rowsOf = (version: number) =>
  ROWS.filter(({ since }) => since <= version).map(({ table, row }) => ({
    table,
    row: Object.fromEntries(
      Object.entries(row).flatMap(([name, [since, value, until = Infinity]]) =>
        since <= version && version <= until
          ? [[name, typeof value === 'function' ? value(version) : value]]
          : [],
      ),
    ),
  }));

/** What is to be found of it today. */
export function expectedAfter(version: number) {
  const from = <T>(since: number, then: T, otherwise: T): T =>
    version >= since ? then : otherwise;
  const kitchen: KitchenData = {
    ...{ name: 'Kept long', eggGrade: 'EU L', altitudeM: 812.5, roomC: 17.25 },
    currency: from(5, 'CHF', 'EUR'),
    kWhPrice: from(26, 0.275, null),
  };
  const vessel: VesselData = {
    ...{ name: 'Deep plate', kind: 'pie-plate', baseDiameterMm: 181.5, topDiameterMm: 229.25 },
    ...{ heightMm: 38.5, lipMm: 17, material: 'glass', owned: 4 },
    ...from(5, { looseBase: true }, {}),
    archived: from(12, true, false),
  };
  const oven: OvenData = {
    ...{ name: 'Corner oven', kind: 'deck', offsetK: -7.5 },
    swingK: from(7, 6.25, 0),
    archived: from(12, true, false),
  };
  const formula: FormulaData = {
    ...{ name: 'Old tart', family: 'puree-custard', shell: 'pie-dough', shellThicknessMm: 3.75 },
    lines: [
      {
        ...{ id: IDS.line, ingredientId: 'cream', amount: 0.1 + 0.2, unit: 'kg', note: 'cold' },
        ...from(4, { written: '300 g cold cream' }, {}),
        ...from(
          5,
          { heldBack: 12.5, instead: { ingredientId: 'milk', amount: 310, unit: 'g' as const } },
          {},
        ),
        ...from(9, { vague: 'unknown' as const }, {}),
      },
    ],
    parts: from(
      5,
      [
        {
          ...{ id: IDS.part, name: 'Dough', kind: 'pie-dough', place: 'shell', formulaId: null },
          ...{ eachG: 255.5, vessels: 2, bakesAlong: from(8, true, false) },
          lines: [{ id: IDS.partLine, ingredientId: 'wheat-flour', amount: 250, unit: 'g' }],
        },
      ],
      [],
    ),
    steps: [],
    ...{ note: 'As it was', vesselId: IDS.vessel, vesselCount: 3, headspaceMm: 5.5 },
    ...{ ovenId: IDS.oven, setC: 151.5, fillingStartC: 44.5 },
    bath: from(6, { panLengthMm: 401, panBreadthMm: 302, levelMm: 31, waterC: 77 }, null),
    ovenUse: from(7, OVEN_USE, PLAIN_OVEN_USE),
    shellBake: from(7, SHELL_BAKE, PLAIN_SHELL_BAKE),
    portionsEach: from(5, 11, 8),
    lossShare: from(5, 0.07, 0),
    archived: from(5, true, false),
  };
  const bake: BakeData = {
    ...{ formulaId: IDS.formula, vesselId: IDS.vessel, ovenId: IDS.oven },
    ...{ formulaName: 'Old tart', vesselName: 'Plate', ovenName: 'Oven of then' },
    ...{ vesselCount: 2, shell: 'pie-dough', setC: 149.5, fillingStartC: 41.5, surfaceMm: 221 },
    ...{ foreseen: FORESEEN, planned: null, parts: [], result: 'fair', faults: ['soggy-base'] },
    ...{ startedAt: '2026-10-01T03:00:00.500Z', pulledAt: '2026-10-01T03:41:00.250Z' },
    note: 'Wept a little',
    archived: from(12, true, false),
  };
  const item: PantryData = {
    ingredientId: 'butter',
    price: { price: 9.85, amount: 0.25, unit: 'kg' },
    own: null,
    archived: from(12, true, false),
  };
  const noted: Noted = {
    readings: [{ id: IDS.reading, atS: 1230.5, place: 'rim', celsius: 71.25 }],
    wobbles: [{ id: IDS.wobble, atS: 2000.5, diameterMm: 66.5, motion: 'jelly' }],
    deeds: from(18, [{ id: IDS.deed, atS: 1500.25, kind: 'oven', celsius: 135.5, step: 1 }], []),
  };
  return {
    kitchen,
    vessel,
    oven,
    formula: from(2, formula, undefined),
    bake: from(3, bake, undefined),
    pantry: from(5, item, undefined),
    noted: from(3, noted, { readings: [], wobbles: [], deeds: [] }),
    versions: [],
  };
}
