import type { Analysis, Family, ShellKind } from '../formula';
import {
  judgeBatter,
  judgeCheese,
  judgeFruitFilling,
  judgeNutCream,
  judgePuree,
  judgeSyrup,
} from './baked';
import { judgeColdSet } from './coldset';
import { judgeCustard } from './custard';
import { judgeCurd, judgeStarchCream } from './stirred';
import { finding } from '../result';
import type { SettingVerdict } from './verdict';

/**
 * Judges a filling by the physics of its family: what sets it, what it needs, where it fails, how firm
 * it will be. Never throws; an empty list answers `not-judged`, with the reason.
 */
export function judgeSetting(analysis: Analysis, family: Family, shell: ShellKind): SettingVerdict {
  if (analysis.mixtureG <= 0 && analysis.totalG <= 0) {
    return { kind: 'not-judged', reason: finding('setting.empty') };
  }
  switch (family) {
    case 'baked-custard':
      return judgeCustard(analysis, shell);
    case 'batter-custard':
      return judgeBatter(analysis);
    case 'puree-custard':
      return judgePuree(analysis);
    case 'fresh-cheese':
      return judgeCheese(analysis);
    case 'syrup-nut':
      return judgeSyrup(analysis);
    case 'starch-cream':
      return judgeStarchCream(analysis, true);
    case 'starch-pudding':
      return judgeStarchCream(analysis, false);
    case 'curd':
      return judgeCurd(analysis);
    case 'nut-cream':
      return judgeNutCream(analysis);
    case 'fruit-filling':
      return judgeFruitFilling(analysis);
    case 'cold-set':
      return judgeColdSet(analysis);
  }
}
