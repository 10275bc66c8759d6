import type { FormulaData } from '@hollow-moon/contract';
import { analyse, cookOnStove, type BySign } from '@hollow-moon/core';
import { useDeferredValue, useMemo, useState } from 'react';
import type { KitchenBook } from '../book/book';
import { CreamFold } from '../cooling/CreamFold';
import { StoveFold, type StoveSettings } from './StoveFold';

/** As most creams are begun: with starch to a held boil, without it gently and off at once. */
const begunFor = (from: number): StoveSettings => {
  const boiled = from >= 90;
  return {
    panDiameterMm: 200,
    startC: 60,
    heat: boiled ? 'medium' : 'gentle',
    holdS: boiled ? 90 : 0,
  };
};

/** A cream that the stove sets: heating it, then cooling it before it is filled. Nothing of it is kept. */
export function StirredCream({
  data,
  book,
  endC,
}: {
  readonly data: FormulaData;
  readonly book: KitchenBook;
  readonly endC: NonNullable<BySign['endC']>;
}) {
  const { find, kitchen } = book;
  const { lines, family } = data;
  const { eggGrade, roomC, altitudeM } = kitchen.data;
  const analysis = useMemo(
    () => analyse(lines, eggGrade, find, family),
    [lines, eggGrade, find, family],
  );
  const [wishedG, setMassG] = useState<number>();
  const [wished, setSettings] = useState<StoveSettings>();
  const massG = wishedG ?? Math.round(analysis.totalG);
  const { from, to } = endC;
  const begun = useMemo(() => begunFor(from), [from]);
  const settings = wished ?? begun;
  const plan = useDeferredValue(
    useMemo(
      () => ({
        analysis,
        massG,
        ...settings,
        endC: { from, ...(to === undefined ? {} : { to }) },
        roomC,
        altitudeM,
      }),
      [analysis, massG, settings, from, to, roomC, altitudeM],
    ),
  );
  const cooked = useMemo(() => cookOnStove(plan), [plan]);
  if (analysis.totalG <= 0) return null;
  const done = cooked.ok ? cooked.value : undefined;
  return (
    <>
      <StoveFold
        settings={settings}
        onSettings={setSettings}
        cooked={done}
        problem={cooked.ok ? undefined : cooked.problem}
        endC={endC}
        massG={massG}
        onMassG={setMassG}
      />
      <CreamFold
        data={data}
        book={book}
        analysis={analysis}
        massG={massG}
        onMassG={setMassG}
        fromC={done?.offC ?? from}
      />
    </>
  );
}
