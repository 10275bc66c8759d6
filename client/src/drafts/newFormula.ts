import { PLAIN_BUILD, type FormulaData } from '@hollow-moon/contract';
import {
  onDialC,
  scaleAsWeighed,
  shellOfKind,
  stagesOnDial,
  type BuiltPart,
  type Line,
  type DialMarks,
} from '@hollow-moon/core';
import { say } from '@hollow-moon/words';
import { v4 as uuid } from 'uuid';

/** A line to fill in; milk, since most of what is baked here begins with it. */
export const newLine = (): Line => ({ id: uuid(), ingredientId: 'milk', amount: 0, unit: 'g' });

/** A formula with nothing on its list yet, its ovens at settings that a dial in these degrees has. */
export const emptyFormula = (degrees: DialMarks): FormulaData => ({
  name: 'New custard',
  family: 'baked-custard',
  shell: 'sweet-dough',
  shellThicknessMm: 3,
  lines: [],
  note: '',
  vesselId: null,
  vesselCount: 1,
  headspaceMm: 4,
  ovenId: null,
  setC: onDialC(140, degrees),
  fillingStartC: 40,
  ...PLAIN_BUILD,
  shellBake: {
    ...PLAIN_BUILD.shellBake,
    stages: stagesOnDial(PLAIN_BUILD.shellBake.stages, degrees),
  },
  parts: [],
});

/** Less than this is not worth a bake of its own: so much, and such a share of what was made. Common practice. */
const LEFT_OVER = { leastG: 30, share: 0.05 } as const;

/** Whether enough of a component is left over to make something of it. */
export const leavesEnough = ({ part, leftG, batchG }: BuiltPart): boolean =>
  part.formulaId === null && leftG >= LEFT_OVER.leastG && leftG >= LEFT_OVER.share * batchG;

/** A formula to make of what is left of a component: its shell, where it is a dough, else what it is by itself. */
export function fromLeftOver({ part, leftG, batchG }: BuiltPart, degrees: DialMarks): FormulaData {
  const lines = scaleAsWeighed(part.lines, leftG / batchG).map((line) => ({ ...line, id: uuid() }));
  const begun = { ...emptyFormula(degrees), name: say('bench.left-of', { name: part.name }) };
  const shell = shellOfKind(part.kind);
  return shell
    ? {
        ...begun,
        shell,
        parts: [
          {
            ...part,
            id: uuid(),
            lines,
            eachG: null,
            vessels: null,
          },
        ],
      }
    : { ...begun, family: part.kind, shell: 'none', lines };
}
