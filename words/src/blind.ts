import type { BlindForecast, BlindPlan, RawBase, SoggyClock } from '@hollow-moon/core';
import { duration, minutes } from './quantities';
import { say } from './say';

/** What will become of the empty shell, in a sentence or two. */
export function blindSentence(
  { moments, endS, baseShade, rimShade }: BlindForecast,
  { weights, stages, target }: Pick<BlindPlan, 'weights' | 'stages' | 'target'>,
): string {
  const weighted = weights !== 'none' && stages[0]!.weighted;
  const says: string[] = [];
  if (weighted) {
    says.push(
      moments.standsS === undefined
        ? say('blind.the-walls-do-not-stand-by')
        : say('blind.the-walls-stand-by-themselves-from', { standsS: minutes(moments.standsS) }),
    );
  }
  says.push(
    moments.baseColourS === undefined
      ? say('blind.at-min-the-base-is', {
          endS: minutes(endS),
          baseShade: say(`shade.${baseShade}`),
          rimShade: say(`shade.${rimShade}`),
        })
      : say('blind.the-base-is-at', {
          target: say(`shade.${target}`),
          baseColourS: minutes(moments.baseColourS),
          baseShade: say(`shade.${baseShade}`),
          rimShade: say(`shade.${rimShade}`),
        }),
  );
  if (moments.baseDryS !== undefined)
    says.push(say('blind.it-is-dry-from-min', { baseDryS: minutes(moments.baseDryS) }));
  return says.join(' ');
}

/** How long a base stays crisp, in a sentence. */
export function soggyInWords({ lessCrispS, softS }: SoggyClock): string {
  if (softS === 0) return say('blind.bake-the-base-drier-it-is');
  const soft =
    softS === undefined
      ? say('blind.and-is-not-soft-within-five')
      : say('blind.and-is-soft-after', { softS: duration(softS) });
  return lessCrispS === undefined
    ? say('blind.the-base-stays-crisp-for-five')
    : lessCrispS === 0
      ? say('blind.the-base-is-not-crisp-from', { soft })
      : say('blind.the-base-is-crisp-for', { lessCrispS: duration(lessCrispS), soft });
}

/** The fate of a base that goes in raw. */
export function rawBaseInWords({ verdict, shade }: RawBase): string {
  switch (verdict) {
    case 'raw':
      return say('blind.bake-the-shell-first-or-longer');
    case 'pale':
      return say('blind.the-base-cooks-through-but-stays', { shade });
    case 'baked':
      return say('blind.the-base-cooks-through-and-is', { shade });
  }
}
