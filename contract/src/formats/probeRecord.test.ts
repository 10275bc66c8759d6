import { readProbeRecord } from './probeRecord';

const read = (text: string) => {
  const result = readProbeRecord(text);
  if (!result.ok) throw new Error(result.problem.code);
  return result.value;
};

describe('a probe’s record', () => {
  it('reads seconds and °C with a header', () => {
    const { points, understood } = read('time_s,temperature_C\n0,20.5\n60,25\n120,31.25\n');
    expect(points).toEqual([
      [0, 20.5],
      [60, 25],
      [120, 31.25],
    ]);
    expect(understood).toMatchObject({ unit: '°C', time: 'seconds', skipped: 0 });
  });

  it('reads semicolons, decimal commas and clock times', () => {
    const { points, understood } = read('Uhrzeit;Kerntemperatur\n14:30:00;20,5\n14:31:30;25,25\n');
    expect(points).toEqual([
      [0, 20.5],
      [90, 25.25],
    ]);
    expect(understood).toMatchObject({ time: 'clock', unit: '°C' });
  });

  it('reads °F by its header, by its cells and by what a filling can be', () => {
    // Source: NIST SP 811: °C = (°F - 32) / 1.8.
    expect(read('min\tTemp °F\n0\t68\n10\t176\n').points).toEqual([
      [0, 20],
      [600, 80],
    ]);
    expect(read('0,68 F\n60,176 F\n').points[1]![1]).toBeCloseTo(80, 9);
    expect(read('0,68\n60,176\n').understood.unit).toBe('°F');
  });

  it('passes midnight', () => {
    expect(read('23:59:00,70\n00:01:00,71\n').points).toEqual([
      [0, 70],
      [120, 71],
    ]);
  });

  it('reads dates, hours and minutes, and afternoons', () => {
    expect(read('2026-11-24T03:00:00Z,20\n2026-11-24T03:05:00Z,30\n').points[1]![0]).toBe(300);
    expect(read('2026-11-24 03:00,20\n2026-11-24 03:05,30\n').points[1]![0]).toBe(300);
    expect(read('1:30,20\n1:45,30\n').points[1]![0]).toBe(900);
    expect(read('11:59:00 am,20\n12:01:00 pm,30\n').points[1]![0]).toBe(120);
  });

  it('finds the columns wherever they are, behind lines that are something else', () => {
    const text =
      'Made by a probe\nbattery: 80\n\nno,probe temp,time (min)\n1,20,0\n2,24,1\n3,oops,2\n4,30,3\n';
    const { points, understood } = read(text);
    expect(points).toEqual([
      [0, 20],
      [60, 24],
      [180, 30],
    ]);
    expect(understood.skipped).toBe(1);
    expect(understood.columns).toEqual(['time (min)', 'probe temp']);
  });

  it.each(['', 'hello', 'a,b\nc,d', 'time,temp\n', '0,20'])(
    'says what is missing in %p',
    (text) => {
      expect(readProbeRecord(text).ok).toBe(false);
    },
  );

  it('refuses what is too large', () => {
    const result = readProbeRecord('0,20\n'.repeat(600_000));
    expect(result.ok ? '' : result.problem.code).toBe('file.too-large');
  });
});
