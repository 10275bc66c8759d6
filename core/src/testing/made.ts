import { buildOf, type BuildPart } from '../build';
import type { Line, PartKind } from '../formula';
import type { Vessel } from '../vessel';
import type { Computed, MadeFormula, WorkPlan } from '../work';
import { listOf, TART } from './bakes';

/** A component by its kind and its place, of a list in grams. */
export const partOf = (
  kind: PartKind,
  place: BuildPart['place'],
  grams: Readonly<Record<string, number>>,
  change: Partial<BuildPart> = {},
): BuildPart => ({
  id: kind,
  name: kind,
  kind,
  place,
  lines: listOf(grams).map((line) => ({ ...line, id: `${kind}-${line.id}` })),
  formulaId: null,
  eachG: null,
  vessels: null,
  bakesAlong: false,
  ...change,
});

/** A formula in one 24 cm tin without a shell, in a hot and steady oven, poured cool: what is said otherwise is. */
export function madeOf(
  family: PartKind,
  grams: Readonly<Record<string, number>>,
  change: Partial<MadeFormula> = {},
): MadeFormula {
  const lines: readonly Line[] = listOf(grams);
  return {
    name: family,
    family,
    shell: 'none',
    lines,
    parts: [],
    vesselCount: 1,
    shellThicknessMm: 3,
    headspaceMm: 5,
    portionsEach: 8,
    lossShare: 0,
    setC: 160,
    fillingStartC: 20,
    ovenId: 'oven',
    bath: null,
    shellBake: {
      raw: false,
      start: 'chilled',
      restMin: 20,
      seal: 'none',
      stages: [
        { minutes: 20, setC: 190, weighted: true, outOfRing: false },
        { minutes: 15, setC: 190, weighted: false, outOfRing: false },
      ],
    },
    ovenUse: { steps: [], out: [{ atMin: 0, place: 'rack' }] },
    steps: [],
    ...change,
  };
}

/** What a list of work is made from, in a kitchen at 22 °C. */
export function planOfWork(
  formula: MadeFormula,
  computed: Computed,
  vessel: Vessel = TART.vessel,
): WorkPlan {
  const build = buildOf(formula, { grade: 'EU M', vessel, formulaOf: () => undefined });
  return { formula, build, vessel, shellOvenId: 'oven', roomC: 22, computed };
}
