/** What loggers write, and how it is read. The files are made up here; each reading is worked by hand. */
import { fromPage } from '../page';
import { probeRecord } from './record';
import { probeTable, type ProbeReading } from './table';

const tableOf = (text: string) => {
  const table = probeTable(text);
  if (!table.ok) throw new Error(table.problem.code);
  return table.value;
};
/** A record as it is read without being asked, or as it is said to be meant. */
const read = (text: string, said: Partial<ProbeReading> = {}) => {
  const table = tableOf(text);
  const record = probeRecord(table, { ...table.reading, ...said });
  if (!record.ok) throw new Error(record.problem.code);
  return { ...record.value, ...table };
};

describe('a probe’s record', () => {
  it('reads seconds and °C with a header', () => {
    const { points, reading, doubts, skipped } = read(
      'time_s,temperature_C\n0,20.5\n60,25\n120,31.25\n600,40\n',
    );
    expect(points.slice(0, 3)).toEqual([
      [0, 20.5],
      [60, 25],
      [120, 31.25],
    ]);
    expect(reading).toMatchObject({ unit: '°C', time: 'seconds' });
    expect([doubts, skipped]).toEqual([[], 0]);
  });

  it('reads semicolons, decimal commas and clock times', () => {
    const { points, reading, doubts } = read(
      'Uhrzeit;Kerntemperatur °C\n14:30:00;20,5\n14:31:30;25,25\n',
    );
    expect(points).toEqual([
      [0, 20.5],
      [90, 25.25],
    ]);
    expect([reading.time, doubts]).toEqual(['clock', []]);
  });

  // Source: NIST SP 811: °C = (°F - 32) / 1.8.
  it('reads °F by its header and by its cells, and asks where only its size tells', () => {
    expect(read('min\tTemp °F\n0\t68\n10\t176\n')).toMatchObject({
      points: [
        [0, 20],
        [600, 80],
      ],
      doubts: [],
    });
    expect(read('sec,x\n0,68 F\n600,176 F\n').points[1]![1]).toBeCloseTo(80, 9);
    const bySize = read('sec,x\n0,68\n600,176\n');
    expect([bySize.reading.unit, bySize.doubts]).toEqual(['°F', ['unit']]);
    expect(read('sec,x\n0,68\n600,176\n', { unit: '°C' }).points[1]).toEqual([600, 176]);
    // A filling poured at 68 °C, or a kitchen of 68 °F.
    expect(read('sec,x\n0,68\n600,100\n').doubts).toEqual(['unit']);
  });

  it('passes midnight', () => {
    expect(read('23:59:00,50\n00:01:00,51\n').points).toEqual([
      [0, 50],
      [120, 51],
    ]);
  });

  it('reads dates, afternoons and Unix time', () => {
    expect(read('2026-11-24T03:00:00Z,20\n2026-11-24T03:05:00Z,30\n').points[1]![0]).toBe(300);
    expect(read('2026-11-24 03:00,20\n2026-11-24 03:05,30\n').points[1]![0]).toBe(300);
    expect(read('11:59:00 am,20\n12:01:00 pm,30\n').points[1]![0]).toBe(120);
    // 2026-11-24T03:00:00Z is 1 795 489 200 s after 1970 began.
    for (const [first, second] of [
      ['1795489200', '1795489500'],
      ['1795489200000', '1795489500000'],
    ]) {
      const { points, reading } = read(`at,core C\n${first},20\n${second},30\n`);
      expect([reading.time, points[1]![0]]).toEqual(['epoch', 300]);
    }
  });

  describe('of times of two figures', () => {
    const rows = (...times: string[]) => times.map((time, index) => `${time},${20 + index}`);
    const told = (...lines: string[]) => {
      const { reading, doubts, points } = read(lines.join('\n'));
      return [reading.time, doubts, points.at(-1)![0]];
    };
    it.each([
      // By the heading, whatever the figures.
      [['mm:ss,C', ...rows('0:00', '5:00')], 'minutes-seconds', [], 300],
      [['h:mm,C', ...rows('0:00', '1:30')], 'hours-minutes', [], 5400],
      // Nobody bakes for forty-five hours, and no hour has a fraction of a minute.
      [rows('0:00', '20:00', '45:00'), 'minutes-seconds', [], 2700],
      [rows('0:00.5', '1:00.5'), 'minutes-seconds', [], 60],
      // A clock on the wall; and a bake that would be over in a minute.
      [rows('14:30', '14:50', '15:10'), 'hours-minutes', [], 2400],
      [rows('0:00', '0:20', '0:50'), 'hours-minutes', [], 3000],
      // Five hours, or five minutes: asked.
      [rows('0:00', '2:00', '5:00'), 'hours-minutes', ['time'], 18_000],
    ] as const)('%j are %s', (lines, time, doubts, endS) => {
      expect(told(...lines)).toEqual([time, doubts, endS]);
    });
  });

  it('tells seconds from minutes by what a bake can take, and asks where both can be', () => {
    const every = (step: number, most: number) =>
      Array.from({ length: most / step + 1 }, (_, index) => `${index * step},${20 + index / 100}`);
    const of = (step: number, most: number) => {
      const { reading, doubts } = read(['t,core C', ...every(step, most)].join('\n'));
      return [reading.time, doubts];
    };
    expect(of(1, 2700)).toEqual(['seconds', []]);
    expect(of(1, 300)).toEqual(['seconds', ['time']]);
    expect(of(1, 45)).toEqual(['minutes', ['time']]);
  });

  it('puts the newest first in the order it went', () => {
    const { points } = read('time,C\n14:32:00,40\n14:31:00,30\n14:30:00,20\n');
    expect(points).toEqual([
      [0, 20],
      [60, 30],
      [120, 40],
    ]);
    expect(read('00:01:00,51\n23:59:00,50\n23:58:00,49\n').points.at(-1)).toEqual([180, 51]);
  });

  it('finds the columns wherever they are, behind lines that are something else', () => {
    const { points, skipped, reading, names, doubts } = read(
      'Made by a probe\nbattery: 80\n\nno,probe temp,time (min)\n1,20,0\n2,24,1\n3,oops,2\n4,30,3\n',
    );
    expect(points).toEqual([
      [0, 20],
      [60, 24],
      [180, 30],
    ]);
    expect(skipped).toBe(1);
    expect([names[reading.timeColumn], names[reading.heatColumn]]).toEqual([
      'time (min)',
      'probe temp',
    ]);
    expect(doubts).toEqual([]);
  });

  it('asks which channel, and leaves out what is none', () => {
    const four =
      'min,1,2,battery,no\n0,20,150,80,1\n10,30,151,80,2\n20,60,149,79,3\n30,70,150,79,4\n';
    const { channels, doubts, points } = read(four);
    expect([channels, doubts]).toEqual([[1, 2], ['heatColumn']]);
    expect(points[2]).toEqual([1200, 60]);
    expect(read(four, { heatColumn: 2, unit: '°C' }).points[2]).toEqual([1200, 149]);
    const { names, skipped } = read('Logger 7\ntime,1,2\n0:00,68,350\n0:10,95,352\n0:20,131,349\n');
    expect([names, skipped]).toEqual([['time', '1', '2'], 0]);
  });

  it('takes spaces between its columns', () => {
    expect(read('0 20.5\n60 25\n120 30\n600 41').points[1]).toEqual([60, 25]);
    expect(read('2026-11-24 03:00:00 20\n2026-11-24 03:05:00 30').points[1]).toEqual([300, 30]);
  });

  it('keeps as much of a reading every second as a curve can show', () => {
    const lines = Array.from({ length: 7200 }, (_, second) => `${second},${20 + second / 200}`);
    const { points, readings } = read(lines.join('\n'));
    expect(readings).toBe(7200);
    expect(points).toHaveLength(2400);
    expect(points[1]).toEqual([3, 20.015]);
  });

  it.each(['', 'hello', 'a,b\nc,d', 'time,temp\n', '0,20'])(
    'says what is missing in %p',
    (text) => {
      const table = probeTable(text);
      expect(table.ok && probeRecord(table.value, table.value.reading).ok).toBe(false);
    },
  );

  it('refuses what is too large, and what is no time by the kind that is said', () => {
    const result = probeTable('0,20\n'.repeat(1_700_000));
    expect(result.ok ? '' : result.problem.code).toBe('file.too-large');
    const table = tableOf('sec,C\n0,20\n60,30\n');
    const record = probeRecord(table, { ...table.reading, time: 'dates' });
    expect(record.ok ? '' : record.problem.code).toBe('file.too-few-readings');
  });
});

it('a record that is longer than any bake’s, and a page with nothing on it, say what to do', () => {
  expect(probeTable('0,20\n'.repeat(1_600_001))).toEqual({
    ok: false,
    problem: { code: 'file.too-large', values: { most: 8000 } },
  });
  expect(fromPage('<html><body> <script>let a;</script> </body></html>')).toEqual({
    ok: false,
    problem: { code: 'file.no-recipe' },
  });
});
