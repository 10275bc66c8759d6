/** A day as it is stored, sent, planned and written into files. */
import Papa from 'papaparse';
import { findingIn } from './limits';
import { dayDataSchema, type DayData } from './day';
import { toCalendar } from './formats/calendar';
import { fromDayFile, toDayCsv, toDayFile, toDoneCsv, type DoneRow } from './formats/day';
import {
  asWanted,
  BEFORE_MIN,
  inVessels,
  madeFor,
  ovensIn,
  sessionOf,
  workAskOf,
  workListOf,
  type WorkedIn,
} from './sessionOf';
import { PLAIN_BUILD, type FormulaData } from './formula';
import { bakedAs } from './plannedDay';

const id = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;

const DAY: DayData = {
  name: 'A night',
  date: '2026-12-24',
  beginsMin: -1440,
  wanted: [
    {
      id: id(1),
      formulaId: id(2),
      vessels: 3,
      dueMin: 370,
      forWhom: 'the boat',
      ovenC: null,
      frozenShell: false,
      doughApart: false,
      ovenId: null,
    },
  ],
  people: [{ id: id(3), name: 'Cook', fromMin: 1260, toMin: 1830 }],
  rings: 4,
  mixers: 1,
  fridgePlaces: 12,
  freezerPlaces: 3,
  locks: [{ task: `${id(1)}:bake`, startMin: -60 }],
  changes: [{ bake: id(1), task: 'filling/cook', kind: 'retimed', minutes: 30 }],
  nowMin: null,
  presence: 0.5,
  way: { order: [id(1)], soonerMin: { [id(1)]: 30 } },
  inHand: { grams: { milk: 700 }, eggs: 6 },
  paces: [{ verb: 'mix-dough', factor: 1.5, times: 4 }],
  archived: false,
};

const CREAM: FormulaData = {
  ...PLAIN_BUILD,
  name: 'Cream pots',
  family: 'starch-cream',
  shell: 'none',
  shellThicknessMm: 0,
  lines: [
    { id: id(10), ingredientId: 'milk', amount: 500, unit: 'g' },
    { id: id(11), ingredientId: 'egg-yolk', amount: 4, unit: 'piece' },
    { id: id(12), ingredientId: 'cornflour', amount: 40, unit: 'g' },
  ],
  parts: [],
  note: '',
  vesselId: null,
  vesselCount: 4,
  headspaceMm: 5,
  ovenId: null,
  setC: 170,
  fillingStartC: 60,
};

const where: WorkedIn = {
  kitchen: {
    name: 'Kitchen',
    eggGrade: 'EU M',
    altitudeM: 0,
    roomC: 22,
    currency: 'EUR',
    kWhPrice: null,
  },
  vesselOf: () => undefined,
  ovens: [
    {
      id: id(4),
      data: { name: 'Oven', kind: 'fan', offsetK: -3, swingK: 0, archived: false },
    },
    {
      id: id(5),
      data: {
        ...{ name: 'Deck', kind: 'deck', offsetK: 0, swingK: 0, archived: false },
        shelves: { count: 2, lengthMm: 800, breadthMm: 500 },
      },
    },
    { id: id(6), data: { name: 'Old', kind: 'still', offsetK: 0, swingK: 0, archived: true } },
  ],
  own: [],
  formulaOf: (wanted) => (wanted === id(2) ? CREAM : undefined),
};

const said = (change: object): string | undefined => {
  const parsed = dayDataSchema.safeParse({ ...DAY, ...change });
  return parsed.success ? undefined : findingIn(parsed.error.issues[0]!.message).code;
};

describe('a day', () => {
  it('is kept as it is', () => expect(dayDataSchema.parse(DAY)).toEqual(DAY));

  it('from before heats could be shared, shells frozen and dough made apart has each bake as usual', () => {
    const [wanted] = DAY.wanted as [DayData['wanted'][number]];
    const { ovenC: _, frozenShell: __, doughApart: ___, ovenId: ____, ...before } = wanted;
    expect(dayDataSchema.parse({ ...DAY, wanted: [before] })).toEqual(DAY);
  });

  it.each([
    [{ date: '2026-02-30' }, 'day.date'],
    [{ date: 'tomorrow' }, 'day.date'],
    [{ people: [{ ...DAY.people[0], toMin: 1200 }] }, 'day.hours'],
    [{ people: [{ ...DAY.people[0], fromMin: 0, toMin: 2000 }] }, 'day.hours'],
    [{ wanted: [{ ...DAY.wanted[0], vessels: 0 }] }, 'limit.between'],
    [{ wanted: [{ ...DAY.wanted[0], dueMin: 3000 }] }, 'limit.between'],
    [{ wanted: [{ ...DAY.wanted[0], ovenC: 301 }] }, 'limit.between'],
    [{ wanted: [DAY.wanted[0], DAY.wanted[0]] }, 'wire.twice'],
    [
      { wanted: Array.from({ length: 41 }, (_, n) => ({ ...DAY.wanted[0], id: id(100 + n) })) },
      'day.too-many',
    ],
    [{ name: '  ' }, 'text.no-name'],
    [{ presence: 2 }, 'limit.between'],
  ])('with %p is refused', (change, code) => expect(said(change)).toBe(code));
});

describe('the session of a day', () => {
  const computed = {};
  const work = workListOf(CREAM, { ...DAY.wanted[0]!, vessels: 3 }, where, computed);
  if (!work.ok) throw new Error(work.problem.code);
  const session = sessionOf(DAY, [{ id: id(1), name: 'Cream pots', work: work.value }], where);

  it('counts its minutes from two midnights before', () => {
    expect(session.fromMin).toBe(BEFORE_MIN - 1440);
    expect(session).not.toHaveProperty('goneMin');
    // What has gone by then has gone for whatever would help, too.
    const since = { fromMin: BEFORE_MIN - 30, goneMin: BEFORE_MIN - 30 };
    expect(sessionOf({ ...DAY, nowMin: -30 }, [], where)).toMatchObject(since);
    expect(session.wanted[0]!.dueMin).toBe(BEFORE_MIN + 370);
    expect(session.locks).toEqual([{ task: `${id(1)}:bake`, startMin: BEFORE_MIN - 60 }]);
  });

  // By hand: 21:00 to 06:30 on every day, from the midnight before the day on.
  it('has its people on every day, from its beginning on', () => {
    expect(session.means.people[0]!.hours.slice(0, 3)).toEqual([
      [1440, 1830],
      [1440 + 1260, 1440 + 1830],
      [2880 + 1260, 2880 + 1830],
    ]);
  });

  it('has the ovens that are in use, with the shelves they have or as is usual', () => {
    expect(session.means.ovens).toEqual([
      expect.objectContaining({ id: id(4), shelves: 3, lengthMm: 450, breadthMm: 360 }),
      expect.objectContaining({ id: id(5), shelves: 2, lengthMm: 800, breadthMm: 500 }),
    ]);
  });

  it('leaves out a bake whose work is not known yet', () => {
    expect(sessionOf(DAY, [], where).wanted).toEqual([]);
  });

  it('makes a list for so many vessels as are wanted, and cooks it in a pan', () => {
    expect(inVessels(CREAM, 8).lines[0]!.amount).toBe(1000);
    expect(inVessels(CREAM, 4)).toBe(CREAM);
    const cook = work.value.tasks.find(({ verb }) => verb === 'cook-cream')!;
    expect(cook.from).toBe('computed');
    expect(work.value.tasks.at(-1)!.vessels).toBe(3);
  });

  it('bakes at the heat and in the oven of its formula, or at those it has on that day', () => {
    expect(asWanted(CREAM, { ovenC: null, ovenId: null })).toBe(CREAM);
    expect(asWanted(CREAM, { ovenC: 155, ovenId: null })).toEqual({ ...CREAM, setC: 155 });
    expect(asWanted(CREAM, { ovenC: null, ovenId: id(6) })).toEqual({ ...CREAM, ovenId: id(6) });
    const asked = [null, id(6)].flatMap((ovenId) =>
      [null, 155].map((ovenC) => bakedAs({ formulaId: id(2), ovenC, ovenId })),
    );
    expect(new Set(asked).size).toBe(4);
  });

  it('leaves the ovens out that are put away, and keeps them for what another does as well', () => {
    const { ovens, away } = ovensIn(where);
    expect([ovens, away].map((each) => each.map(({ name }) => name))).toEqual([
      ['Oven', 'Deck'],
      ['Old'],
    ]);
    expect(away[0]).toMatchObject({ id: id(6), kind: 'still', shelves: 1 });
  });

  it('makes and fetches nothing of shells that are in the freezer', () => {
    const [shell, cover] = (['shell', 'over'] as const).map(
      (place, index): FormulaData['parts'][number] => ({
        ...{
          id: id(20 + index),
          name: '',
          kind: 'sweet-dough',
          place,
          eachG: null,
          formulaId: null,
        },
        ...{ vessels: null, bakesAlong: false, lines: [] },
      }),
    );
    const tart: FormulaData = { ...CREAM, shell: 'sweet-dough', parts: [shell!, cover!] };
    expect(madeFor(tart, { vessels: 4, frozenShell: false })).toBe(tart);
    const frozen = madeFor(tart, { vessels: 8, frozenShell: true });
    expect(frozen.parts.map((part) => part.id)).toEqual([cover!.id]);
    expect(frozen.lines[0]!.amount).toBe(1000);
    expect(madeFor(CREAM, { vessels: 4, frozenShell: true })).toBe(CREAM);
  });

  it('asks no forecast of what has no tin', () => expect(workAskOf(CREAM, where)).toEqual({}));
});

describe('files of a day', () => {
  it('hold all of it, and the names of its formulas', () => {
    const text = toDayFile(DAY, () => 'Cream pots');
    expect(fromDayFile(text)).toEqual({
      ok: true,
      value: {
        format: 'hollow-moon/day',
        version: 1,
        day: DAY,
        formulas: { [id(2)]: 'Cream pots' },
      },
    });
  });

  it.each([
    ['no JSON', '{', 'file.not-a-day'],
    ['other JSON', '[1]', 'file.not-a-day'],
    ['nothing', 'null', 'file.not-a-day'],
    ['too much', `"${'x'.repeat(300_000)}"`, 'file.too-large'],
    [
      'a day with an hour that is none',
      toDayFile({ ...DAY, wanted: [{ ...DAY.wanted[0]!, dueMin: -5 }] }, () => ''),
      'limit.between',
    ],
  ])('refuse %s', (_, text, code) => {
    const read = fromDayFile(text);
    expect(read.ok ? undefined : read.problem.code).toBe(code);
  });

  it('as a table can be read back, with nothing that a spreadsheet would run', () => {
    const row = {
      start: '2026-12-24T05:10',
      end: '2026-12-24T05:47',
      task: 'Bake',
      component: '',
      bake: '=Tart, “large”',
      tins: 3,
      oven: 'Deck',
      settingC: 140,
      people: 'Cook',
    } as const;
    const text = toDayCsv([row]);
    expect(text.startsWith('\uFEFF')).toBe(true);
    const { data } = Papa.parse<Record<string, string>>(text.slice(1), {
      header: true,
      skipEmptyLines: true,
    });
    expect(data).toEqual([
      {
        ...{ start: row.start, end: row.end, task: 'Bake', component: '', tins: '3' },
        ...{ bake: "'=Tart, “large”", oven: 'Deck', setting_c: '140', people: 'Cook' },
      },
    ]);
  });

  it('and what was done, beside what was planned', () => {
    const row: DoneRow = {
      ...{ task: 'Bake: 3 tins', bake: '=Tart', state: 'done', person: 'Ida', usedG: 412.5 },
      ...{ plannedStart: '2026-12-24T05:10', plannedEnd: '2026-12-24T05:47', heatC: '' },
      ...{ start: '2026-12-24T05:12', end: '2026-12-24T05:55', note: 'The door, "twice"' },
    };
    const { data } = Papa.parse<Record<string, string>>(toDoneCsv([row]).slice(1), {
      header: true,
      skipEmptyLines: true,
    });
    expect(data).toEqual([
      {
        ...{ task: row.task, bake: "'=Tart", state: 'done', person: 'Ida', used_g: '412.5' },
        ...{ planned_start: row.plannedStart, planned_end: row.plannedEnd, heat_c: '' },
        ...{ start: row.start, end: row.end, note: row.note },
      },
    ]);
  });
});

it('has the hours of the wall in its calendar, each event under its own name', () => {
  const text = toCalendar(
    { id: 'day', version: 3, data: { ...DAY, name: 'Feast', date: '2026-12-01' } },
    // By hand: the evening before at 22:20, ten past six of the day, and past midnight of the next.
    [
      {
        id: 'a',
        fromMin: 2 * 1440 - 100,
        toMin: 2 * 1440 - 85,
        summary: 'Mix',
        description: 'Ada',
      },
      { id: 'b', fromMin: 2 * 1440 + 370, toMin: 2 * 1440 + 370, summary: 'Ready' },
      { id: 'c', fromMin: 3 * 1440 + 5, toMin: 3 * 1440 + 10, summary: 'Clear up' },
    ],
    new Date('2026-11-30T12:00:00Z'),
  );
  const lines = text.split('\r\n');
  expect(lines.filter((line) => /^(UID|SEQUENCE|DTSTART|DTEND)/.test(line))).toEqual([
    ...['UID:a@day', 'SEQUENCE:3', 'DTSTART:20261130T222000', 'DTEND:20261130T223500'],
    ...['UID:b@day', 'SEQUENCE:3', 'DTSTART:20261201T061000', 'DTEND:20261201T061000'],
    ...['UID:c@day', 'SEQUENCE:3', 'DTSTART:20261202T000500', 'DTEND:20261202T001000'],
  ]);
  expect(lines).toContain('DESCRIPTION:Ada');
});
