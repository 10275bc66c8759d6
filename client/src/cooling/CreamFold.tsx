import { say, type Words } from '@hollow-moon/words';
import type { FormulaData } from '@hollow-moon/contract';
import {
  coolCream,
  creamDepthMm,
  type Analysis,
  type CreamVessel,
  type OutStep,
} from '@hollow-moon/core';
import { useDeferredValue, useMemo, useState } from 'react';
import { Choice, Fold, Notice, NumberField, Read, Soft, useWords } from '../design';
import type { KitchenBook } from '../book/book';
import { CoolingResult, OutPlaces } from './CoolingParts';

/** What kitchens pour a cream into. Common practice. */
const VESSELS = {
  tray: { kind: 'tray', lengthMm: 400, breadthMm: 300 },
  half: { kind: 'tray', lengthMm: 300, breadthMm: 200 },
  bowl: { kind: 'bowl', diameterMm: 220 },
} as const satisfies Record<string, CreamVessel>;
type VesselName = keyof typeof VESSELS;

/** What each is called: a tray by its sides, a bowl by how wide it is. */
const vesselName = (vessel: CreamVessel, { measured, put }: Words): string =>
  vessel.kind === 'tray'
    ? put('cooling.tray', {
        along: measured({ widthMm: vessel.lengthMm }).value,
        across: { widthMm: vessel.breadthMm },
      })
    : put('cooling.bowl', { across: { widthMm: vessel.diameterMm } });

const COOL_PLACES = ['rack', 'ice-bath', 'fridge', 'freezer'] as const;

/** What it is poured into, and whether its surface is covered. */
function VesselChoice({
  vessel,
  onVessel,
  film,
  onFilm,
}: {
  readonly vessel: VesselName;
  readonly onVessel: (vessel: VesselName) => void;
  readonly film: boolean;
  readonly onFilm: (film: boolean) => void;
}) {
  const words = useWords();
  return (
    <>
      <Choice
        label={say('cooling.poured-into')}
        value={vessel}
        options={(Object.keys(VESSELS) as VesselName[]).map((value) => ({
          value,
          label: vesselName(VESSELS[value], words),
        }))}
        onChange={onVessel}
      />
      <Choice
        label={say('cooling.its-surface')}
        value={film ? 'film' : 'open'}
        options={[
          { value: 'film', label: say('cooling.film-touching') },
          { value: 'open', label: say('cooling.open') },
        ]}
        onChange={(value) => onFilm(value === 'film')}
      />
    </>
  );
}

/** How it cools, or what stands in the way of telling. */
function CreamAnswer({
  inOrder,
  cooled,
  depthMm,
  fromC,
  out,
}: {
  readonly inOrder: boolean;
  readonly cooled: ReturnType<typeof coolCream> | undefined;
  readonly depthMm: number;
  readonly fromC: number;
  readonly out: readonly OutStep[];
}) {
  const { put, tell } = useWords();
  if (!inOrder) return <Notice kind="danger">{say('cooling.put-the-places-it-cools-in')}</Notice>;
  if (!cooled) return null;
  if (!cooled.ok) {
    return (
      <Notice kind="danger" testID="cream-problem">
        {tell(cooled.problem)}
      </Notice>
    );
  }
  return (
    <>
      <Read testID="cream-depth">
        {put('cooling.it-stands-mm-deep-and', {
          depth: { millimetres: Math.round(depthMm) },
          from: { celsius: fromC },
        })}
      </Read>
      <CoolingResult cooling={cooled.value} out={out} />
    </>
  );
}

/** Cooling a cream that was cooked on the stove, before it is filled. Nothing of it is kept. */
export function CreamFold({
  data,
  book,
  analysis,
  massG,
  onMassG,
  fromC,
}: {
  readonly data: FormulaData;
  readonly book: KitchenBook;
  readonly analysis: Analysis;
  readonly massG: number;
  readonly onMassG: (massG: number) => void;
  /** As it leaves the stove. */
  readonly fromC: number;
}) {
  const { kitchen } = book;
  const { family } = data;
  const [vessel, setVessel] = useState<VesselName>('half');
  const [film, setFilm] = useState(true);
  const [out, setOut] = useState<readonly OutStep[]>([{ atMin: 0, place: 'fridge' }]);
  const plan = useDeferredValue(
    useMemo(
      () => ({
        analysis,
        family,
        massG,
        vessel: VESSELS[vessel],
        film,
        startC: fromC,
        out,
        roomC: kitchen.data.roomC,
        altitudeM: kitchen.data.altitudeM,
      }),
      [analysis, family, massG, vessel, film, fromC, out, kitchen],
    ),
  );
  const cooled = useMemo(() => (plan.massG > 0 ? coolCream(plan) : undefined), [plan]);
  const inOrder = out.every(({ atMin }, index) => index === 0 || atMin > out[index - 1]!.atMin);
  return (
    <Fold
      title={say('cooling.cooling-it')}
      summary={
        cooled?.ok
          ? cooled.value.keepsFirst && cooled.value.keepsCold
            ? say('cooling.cold-in-time-2')
            : say('cooling.not-cold-in-time-2')
          : say('cooling.in-a-tray-or-a-bowl')
      }
      id="cream"
    >
      {() => (
        <>
          <NumberField
            label={say('cooling.cream-of-one-batch')}
            unit="g"
            value={massG}
            onChange={onMassG}
            className="w-40"
            testID="cream-mass"
          />
          <VesselChoice vessel={vessel} onVessel={setVessel} film={film} onFilm={setFilm} />
          <OutPlaces out={out} places={COOL_PLACES} onOut={setOut} />
          <CreamAnswer
            inOrder={inOrder}
            cooled={cooled}
            depthMm={creamDepthMm(plan)}
            fromC={fromC}
            out={out}
          />
          <Soft>{say('cooling.a-cream-that-has-thickened-does')}</Soft>
        </>
      )}
    </Fold>
  );
}
