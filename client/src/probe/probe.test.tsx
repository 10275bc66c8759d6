/** A probe's record laid over a forecast. */
import type { ProbeRecord } from '@hollow-moon/contract';
import { forecast, probeAtTime, type Forecast } from '@hollow-moon/core';
import { act, fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { Provider } from 'react-redux';
import { createStore } from '../root/store';
import { unitsChosen } from '../state/settings';
import { book, tart } from '../testing/book';
import { planFor } from '../forecast';
import { apartK, pointsOf, ProbeFold, type ProbeOverlay } from './ProbeFold';

const foreseen = ((): Forecast => {
  const wish = planFor(tart, book);
  const result = 'plan' in wish ? forecast(wish.plan) : undefined;
  if (!result?.ok) throw new Error('no forecast');
  return result.value;
})();
const at = (timeS: number) => probeAtTime(foreseen, 'centre', timeS);
const recordOf = (points: ProbeRecord['points']): ProbeRecord => ({
  points,
  readings: points.length,
  skipped: 0,
});

describe('how far a record lies from the forecast', () => {
  it('is nothing where it is the forecast itself', () => {
    const record = recordOf([0, 600, 1200].map((timeS) => [timeS, at(timeS)] as const));
    expect(apartK(foreseen, { record, startS: 0 })).toEqual({ mean: 0, most: 0 });
  });

  it('is the mean and the largest of the gaps, whichever way', () => {
    const record = recordOf([
      [600, at(600) + 3],
      [900, at(900) - 1],
    ]);
    const apart = apartK(foreseen, { record, startS: 0 })!;
    expect(apart.mean).toBeCloseTo(2, 9);
    expect(apart.most).toBeCloseTo(3, 9);
  });

  it('goes by when the first reading was taken', () => {
    const record = recordOf([[0, at(600)]]);
    const laid = { record, startS: 600 };
    expect(pointsOf(laid)).toEqual([[600, at(600)]]);
    expect(apartK(foreseen, laid)!.most).toBeCloseTo(0, 9);
  });

  it('is not told where they share no time', () => {
    const endS = foreseen.frames.at(-1)!.timeS;
    const record = recordOf([[0, 50]]);
    expect(apartK(foreseen, { record, startS: endS + 1 })).toBeUndefined();
    expect(apartK(foreseen, { record, startS: -1 })).toBeUndefined();
  });
});

describe('the fold', () => {
  let laid: ProbeOverlay | undefined;
  function Place() {
    const [now, setNow] = useState<ProbeOverlay>();
    laid = now;
    return <ProbeFold forecast={foreseen} laid={now} onLaid={setNow} />;
  }
  const open = (degrees: 'C' | 'F' = 'C') => {
    const store = createStore();
    store.dispatch(unitsChosen({ degrees }));
    render(
      <Provider store={store}>
        <Place />
      </Provider>,
    );
    fireEvent.click(screen.getByTestId('probe-record'));
  };
  const choose = async (text: string) => {
    // The test's browser has no files that can be read: one that can.
    const bytes = Uint8Array.from(Buffer.from(text, 'utf8')).buffer;
    const file = { arrayBuffer: () => Promise.resolve(bytes) };
    await act(async () => {
      fireEvent.change(screen.getByTestId('probe-file'), { target: { files: [file] } });
      await Promise.resolve();
    });
  };
  const says = (id: string) => screen.getByTestId(id).textContent.replaceAll('\u00a0', ' ');

  /** With a decimal comma, as many loggers write. */
  const comma = (celsius: number) => celsius.toFixed(3).replace('.', ',');

  // Its first reading counts as nought until the cook says when that was.
  it('says how it read the file, and how far off the forecast is', async () => {
    open();
    await choose(`min;Kern\n10;${comma(at(0) + 2)}\n20;${comma(at(600) + 4)}\n`);
    expect(laid?.record.points).toHaveLength(2);
    expect(says('probe-understood')).toBe('2 readings over 10 min.');
    expect(says('probe-beginning')).toContain('Kern');
    expect(says('probe-apart')).toBe('On average the forecast is 3 °C off, at most 4 °C.');
  });

  it('tells the gap as a difference to who reads °F', async () => {
    open('F');
    await choose(`min,C\n10,${at(0) + 5}\n20,${at(600) + 5}\n`);
    expect(says('probe-apart')).toContain('is 9 °F off');
  });

  it('shifts it to when it began, and takes it off again', async () => {
    open();
    await choose(`min,C\n0,${at(900)}\n5,${at(1200)}\n`);
    fireEvent.change(screen.getByTestId('probe-start'), { target: { value: '15' } });
    expect(laid?.startS).toBe(900);
    expect(says('probe-apart')).toContain('is 0 °C off');
    fireEvent.change(screen.getByTestId('probe-start'), { target: { value: '9000' } });
    expect(screen.getByText(/None of it falls within the forecast/)).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'Remove it' }));
    expect(laid).toBeUndefined();
  });

  it('says what is wrong with a file that is none, and keeps the one before', async () => {
    open();
    await choose(`min,C\n0,${at(0)}\n5,${at(300)}\n`);
    await choose('a letter to the cook');
    expect(says('probe-problem')).not.toBe('');
    expect(laid?.record.points).toHaveLength(2);
  });

  it('asks what only the cook can know, and reads it anew as that is said', async () => {
    open();
    const f = (celsius: number) => (celsius * 1.8 + 32).toFixed(2);
    await choose(`t,1,2\n0:00,${f(at(0))},300\n0:10,${f(at(600))},301\n0:20,${f(at(1200))},300\n`);
    const field = (id: string) => screen.getByTestId<HTMLSelectElement>(id);
    expect(screen.getByLabelText('Temperatures in (check)')).toBe(field('probe-heat-column'));
    expect(field('probe-time').value).toBe('hours-minutes');
    fireEvent.change(field('probe-unit'), { target: { value: '°F' } });
    expect(says('probe-apart')).toContain('is 0 °C off');
    // By minutes and seconds the same figures are over in twenty seconds.
    fireEvent.change(field('probe-time'), { target: { value: 'minutes-seconds' } });
    expect(laid?.record.points.at(-1)![0]).toBe(20);
    // What cannot be read so is said, and what was read before stays.
    fireEvent.change(field('probe-time'), { target: { value: 'dates' } });
    expect(says('probe-problem')).toMatch(/Choose another column/);
    expect(laid?.record.points.at(-1)![0]).toBe(20);
  });
});
