import type { Forecast, PartVerdict } from '@hollow-moon/core';
import { minutes } from '../quantities';
import { wobbleWidth } from '../forecast';
import type { Words } from '../wordsIn';
import type { Tell } from './of';

/** How a bake is pulled, from its forecast. */
function pullSigns({ verdict }: Forecast, tell: Tell): string[] {
  if (verdict.kind === 'no-window') return [tell('card.no-window', { why: verdict.says })];
  const { earliest, best, latest } = verdict;
  const values = {
    best: minutes(best.timeS),
    earliest: minutes(earliest.timeS),
    latest: minutes(latest.timeS),
    centre: { celsius: best.probeC },
  };
  return [
    best.wobble.diameterM > 0.005
      ? tell('card.pull-wobble', { ...values, wobble: wobbleWidth(best.wobble.diameterM) })
      : tell('card.pull-quiver', values),
    tell('card.coasts', { peak: { celsius: best.peakC } }),
  ];
}

/** How to know that it is done. */
export function signsOf(
  verdict: PartVerdict,
  forecast: Forecast | undefined,
  words: Words,
  tell: Tell,
): string[] {
  const pull = forecast ? pullSigns(forecast, tell) : [];
  if (verdict.kind !== 'by-sign' && verdict.kind !== 'made')
    return pull.length > 0 ? [pull.join(' ')] : [];
  const { endC, treatment } = verdict;
  const end = !endC
    ? []
    : endC.to === undefined
      ? [tell('card.done-from', { from: { celsius: endC.from } })]
      : [tell('card.done-between', { from: { celsius: endC.from }, to: { celsius: endC.to } })];
  return [[...pull, ...end].join(' '), words.tell(treatment)].filter(Boolean);
}
