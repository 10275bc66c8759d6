import {
  foreseenFrom,
  type BakeData,
  type BakePart,
  type FormulaData,
} from '@hollow-moon/contract';
import { isFamily, MODEL_VERSION, type Forecast } from '@hollow-moon/core';
import { say } from '@hollow-moon/words';
import { router } from 'expo-router';
import { useCallback, useEffect, useRef } from 'react';
import { v4 as uuid } from 'uuid';
import { beginBake } from '../bake/writing';
import type { KitchenBook } from '../book/book';
import { focusOn } from '../design';
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
          parts: [],
          startedAt: new Date().toISOString(),
          pulledAt: null,
          result: null,
          faults: [],
          note: '',
          archived: false,
        }),
      );
      router.navigate(`/bake/${bakeId}`);
      focusOn('bake-says');
    },
    [book, dispatch, id],
  );
  useEffect(() => {
    if (wanted.current && settled && outlook.forecast) bake(outlook.forecast);
  }, [bake, settled, outlook.forecast]);
  return bake;
}

/** What a formula that no oven sets is made of, in the order of work. */
function partsOf({ family, shell, parts }: FormulaData): BakeData['parts'] {
  const finished = parts.some(({ place }) => place === 'over');
  const filling = isFamily(family);
  const made: BakePart[] = [
    ...(filling && shell !== 'none' ? (['shell'] as const) : []),
    'cook',
    ...(filling ? (['fill'] as const) : []),
    'chill',
    ...(finished ? (['finish'] as const) : []),
  ];
  return made.map((part) => ({ part, startedAt: null, endedAt: null }));
}

/** Begins what no oven sets, and shows it: its parts each have their clock, and it is read and judged like any bake. */
export function useBeginMaking(id: string, data: FormulaData, book: KitchenBook): () => void {
  const dispatch = useAppDispatch();
  return () => {
    if (!book.formulas.some((each) => each.id === id)) return;
    const vessel = book.vessels.find((each) => each.id === data.vesselId);
    const oven = book.ovens.find((each) => each.id === data.ovenId);
    const bakeId = uuid();
    dispatch(
      beginBake(bakeId, book.kitchen.id, {
        formulaId: id,
        vesselId: vessel?.id ?? null,
        ovenId: oven?.id ?? null,
        formulaName: data.name.trim() || say('formulas.unnamed'),
        vesselName: vessel?.data.name ?? say('formulas.no-tin'),
        ovenName: oven?.data.name ?? say('formulas.no-oven'),
        vesselCount: data.vesselCount,
        shell: data.shell,
        setC: data.setC,
        fillingStartC: data.fillingStartC,
        surfaceMm: vessel?.data.topDiameterMm ?? 1,
        // Nothing was foreseen of it: a point, since a curve has one.
        foreseen: {
          ...{ window: null, pullS: 0, setC: data.setC, curdleC: null, stays: [] },
          curve: [[0, data.fillingStartC, data.fillingStartC, data.fillingStartC, 1]],
        },
        planned: null,
        parts: partsOf(data),
        startedAt: new Date().toISOString(),
        ...{ pulledAt: null, result: null, faults: [], note: '', archived: false },
      }),
    );
    router.navigate(`/bake/${bakeId}`);
    focusOn('bake-says');
  };
}
