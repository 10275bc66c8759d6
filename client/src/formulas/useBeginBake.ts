import { foreseenFrom, type FormulaData } from '@hollow-moon/contract';
import { MODEL_VERSION, type Forecast } from '@hollow-moon/core';
import { say } from '@hollow-moon/words';
import { router } from 'expo-router';
import { useCallback, useEffect, useRef } from 'react';
import { v4 as uuid } from 'uuid';
import { beginBake } from '../bake/writing';
import type { KitchenBook } from '../book/book';
import type { Outlook } from '../forecast';
import { useAppDispatch } from '../state/state';

/** Begins a bake of a formula by a forecast of it, and shows it. */
export function useBeginBake(
  id: string,
  data: FormulaData,
  book: KitchenBook,
  outlook: Outlook,
): (forecast: Forecast) => void {
  const dispatch = useAppDispatch();
  // Read when it is pressed, so that the bar below is not drawn again for each letter typed.
  const { settled, plan } = outlook;
  const latest = useRef({ data, settled, plan });
  useEffect(() => {
    latest.current = { data, settled, plan };
  }, [data, settled, plan]);
  // Pressed while the answer is still a draft: begun as soon as the full one is there.
  const wanted = useRef(false);
  const bake = useCallback(
    (forecast: Forecast) => {
      const { data, settled, plan } = latest.current;
      wanted.current = !settled;
      if (!settled) return;
      const vessel = book.vessels.find((each) => each.id === data.vesselId);
      const oven = book.ovens.find((each) => each.id === data.ovenId);
      const stored = book.formulas.find((each) => each.id === id);
      if (!vessel || !oven || !stored || !plan) return;
      const bakeId = uuid();
      dispatch(
        beginBake(bakeId, book.kitchen.id, {
          formulaId: id,
          vesselId: vessel.id,
          ovenId: oven.id,
          formulaName: data.name.trim() || say('formulas.unnamed'),
          vesselName: vessel.data.name,
          ovenName: oven.data.name,
          vesselCount: data.vesselCount,
          shell: data.shell,
          setC: data.setC,
          fillingStartC: data.fillingStartC,
          surfaceMm: Math.round(forecast.field.fill.topRadiusM * 2000),
          foreseen: foreseenFrom(forecast, data.ovenUse),
          planned: { plan, formulaVersion: stored.version, modelVersion: MODEL_VERSION },
          startedAt: new Date().toISOString(),
          pulledAt: null,
          result: null,
          faults: [],
          note: '',
          archived: false,
        }),
      );
      router.navigate(`/bake/${bakeId}`);
    },
    [book, dispatch, id],
  );
  useEffect(() => {
    if (wanted.current && settled && outlook.forecast) bake(outlook.forecast);
  }, [bake, settled, outlook.forecast]);
  return bake;
}
