import {
  doughDisc,
  fanToStillC,
  finding,
  shellWorkOf,
  type Forecast,
  type Oven,
  type OutStep,
  type OvenStep,
} from '@hollow-moon/core';
import { batchInWords } from '../batch';
import { inOrder, say, type MessageId } from '../say';
import type { Words } from '../wordsIn';
import { lowered, type CardOf, type Figure, type ShellBakeOf, type Tell } from './of';

/** What is done to oven and filling on the way, each with its minute or its sign. */
function usesOf(
  { bath, ovenUse }: CardOf['formula'],
  forecast: Forecast | undefined,
  words: Words,
  tell: Tell,
): readonly Figure[] {
  const { steps, topUp, out } = ovenUse;
  const away = out.filter(({ atMin, place }) => atMin > 0 || place !== 'rack');
  const placeOf = ({ atMin, place }: OutStep): string => {
    const name = lowered(say(`place.${place}`));
    return atMin > 0 ? tell('card.place-from', { place: name, at: atMin }) : name;
  };
  const turnedTo = (to: OvenStep['to']): string =>
    typeof to === 'number' ? words.quantity({ ovenC: to }) : say(`card.${to}`);
  const stepValue = ({ atMin, on, to }: OvenStep, index: number): string => {
    if (!on) return tell('card.from-minute', { to: turnedTo(to), at: atMin });
    const seen = forecast?.steps[index]?.atMin;
    const values = { to: turnedTo(to), sign: finding(`sign.${on}`) };
    return seen === undefined
      ? tell('card.when', values)
      : tell('card.when-about', { ...values, at: Math.round(seen) });
  };
  return [
    ...(bath
      ? [
          {
            label: say('card.bath'),
            value: tell('card.bath-value', {
              level: { millimetres: bath.levelMm },
              water: { celsius: bath.waterC },
            }),
          },
        ]
      : []),
    ...(topUp
      ? [
          {
            label: say('card.top-up'),
            value: tell('card.top-up-value', {
              first: { share: topUp.share, digits: 0 },
              at: topUp.atMin,
            }),
          },
        ]
      : []),
    ...steps.map((step, index) => ({ label: say('card.then'), value: stepValue(step, index) })),
    ...(away.length > 0 ? [{ label: say('card.after'), value: inOrder(away.map(placeOf)) }] : []),
  ];
}

/** The oven as it is set, and how far off it runs. */
function ovenValue({ kind, offsetK }: Oven, setC: number, tell: Tell): string {
  const set = { ovenC: setC };
  const value =
    kind === 'fan'
      ? tell('card.oven-fan', { set, still: { ovenC: fanToStillC(setC) } })
      : tell('card.oven-value', { set, kind: lowered(say(`oven-kind.${kind}`)) });
  if (offsetK === 0) return value;
  const off = { by: { kelvin: Math.abs(offsetK) }, really: { celsius: setC + offsetK } };
  return `${value}. ${tell(offsetK < 0 ? 'card.runs-cool' : 'card.runs-hot', off)}`;
}

/** The dough of a formula in its tin: the disc to roll, or how much to press in; none for crumbs or a bought shell. */
function doughFigure({ formula, vessel }: CardOf, tell: Tell): readonly Figure[] {
  const { shellThicknessMm } = formula;
  const work = shellWorkOf(formula);
  if (!vessel || (work !== 'rolled' && work !== 'pressed') || !(shellThicknessMm > 0)) return [];
  const { diameterMm, breadthMm, massG, liningG } = doughDisc(vessel, shellThicknessMm);
  if (work === 'pressed') {
    const values = { thickness: { millimetres: shellThicknessMm }, mass: { grams: liningG } };
    return [{ label: say('card.press'), value: tell('card.press-value', values) }];
  }
  const values = {
    across: { widthMm: diameterMm },
    thickness: { millimetres: shellThicknessMm },
    mass: { grams: massG },
  };
  const value =
    diameterMm === breadthMm
      ? tell('card.roll-round', values)
      : tell('card.roll-sheet', { ...values, along: { widthMm: breadthMm } });
  return [{ label: say('card.roll'), value }];
}

/** Tin, dough, filling, oven and portions, each in a line. */
export function figuresOf(of: CardOf, words: Words, tell: Tell): readonly Figure[] {
  const { formula, build, fit, vessel, oven, forecast } = of;
  const figure = (label: MessageId, value: string | undefined) =>
    value === undefined ? [] : [{ label: say(label), value }];
  return [
    ...figure(
      'card.tin',
      vessel && tell('card.tin-value', { count: formula.vesselCount, name: vessel.name }),
    ),
    ...doughFigure(of, tell),
    ...figure(
      'card.fill',
      fit &&
        tell('card.fill-value', {
          mass: { grams: fit.wanted.massG },
          gap: { millimetres: formula.headspaceMm },
        }),
    ),
    ...figure('card.batch', fit && batchInWords(fit.level, formula.vesselCount, words)),
    ...(oven
      ? [
          ...figure('card.oven', ovenValue(oven, formula.setC, tell)),
          ...figure('card.pour-at', words.quantity({ celsius: formula.fillingStartC })),
          ...usesOf(formula, forecast, words, tell),
        ]
      : []),
    ...figure(
      'card.portions',
      build.portionG === undefined
        ? String(build.portions)
        : tell('card.portions-value', { count: build.portions, mass: { grams: build.portionG } }),
    ),
  ];
}

/** How the empty shell is baked: its rest, each stage with the weights in or out, and what it is baked to. */
export function shellOf({ formula }: CardOf, tell: Tell): readonly Figure[] {
  const { shell, shellBake } = formula;
  if (shell === 'none') return [];
  if (shellBake.raw) return [{ label: say('card.bake'), value: say('card.filled-raw') }];
  return [
    ...(shellBake.restMin > 0
      ? [
          {
            label: say('card.rest'),
            value: tell(shellBake.docked ? 'card.rest-and-prick' : 'card.rest-value', {
              rest: { seconds: shellBake.restMin * 60 },
            }),
          },
        ]
      : []),
    {
      label: say('card.bake'),
      value: tell(shellBake.seal === 'none' ? 'card.bake-value' : 'card.bake-and-seal', {
        stages: inOrder(shellBake.stages.map((stage) => stageOf(stage, shellBake, tell))),
        shade: say(`shade.${shellBake.target}`),
        seal: lowered(say(`seal.${shellBake.seal}`)),
      }),
    },
  ];
}

function stageOf(
  { minutes, setC, weighted, outOfRing }: ShellBakeOf['stages'][number],
  { weights }: ShellBakeOf,
  tell: Tell,
): string {
  const values = { time: { seconds: minutes * 60 }, set: { ovenC: setC } };
  if (weighted && weights !== 'none') {
    return tell('card.stage-weighted', { ...values, weights: lowered(say(`weights.${weights}`)) });
  }
  return tell(outOfRing ? 'card.stage-out' : 'card.stage-bare', values);
}
