import type { BlindForecast, BlindPlan, RawBase, SoggyClock } from '@hollow-moon/core';
import { duration, minutes, say } from '@hollow-moon/words';

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
        ? 'The walls do not stand by themselves in this time.'
        : `The walls stand by themselves from ${minutes(moments.standsS)} min: weights may come out then.`,
    );
  }
  says.push(
    moments.baseColourS === undefined
      ? `At ${minutes(endS)} min the base is ${say(`shade.${baseShade}`)}, the rim ${say(`shade.${rimShade}`)}.`
      : `The base is ${say(`shade.${target}`)} at ${minutes(moments.baseColourS)} min; at the end it is ${say(`shade.${baseShade}`)}, the rim ${say(`shade.${rimShade}`)}.`,
  );
  if (moments.baseDryS !== undefined) says.push(`It is dry from ${minutes(moments.baseDryS)} min.`);
  return says.join(' ');
}

/** How long a base stays crisp, in a sentence. */
export function soggyInWords({ lessCrispS, softS }: SoggyClock): string {
  if (softS === 0) return 'Bake the base drier: it is soft before it is filled.';
  const soft =
    softS === undefined
      ? 'and is not soft within five days'
      : `and is soft after ${duration(softS)}`;
  return lessCrispS === undefined
    ? 'The base stays crisp for five days and more.'
    : lessCrispS === 0
      ? `The base is not crisp from the start, ${soft}.`
      : `The base is crisp for ${duration(lessCrispS)} once filled, ${soft}.`;
}

/** The fate of a base that goes in raw. */
export function rawBaseInWords({ verdict, shade }: RawBase): string {
  switch (verdict) {
    case 'raw':
      return 'Bake the shell first, or longer and hotter from below: the base stays raw.';
    case 'pale':
      return `The base cooks through but stays ${shade} below. A hot tray or a hotter start browns it.`;
    case 'baked':
      return `The base cooks through and is ${shade} below. Under a wet filling it is tender, not crisp.`;
  }
}
