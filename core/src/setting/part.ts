import { cannotTell, isFamily, type Analysis, type PartKind, type ShellKind } from '../formula';
import { judgeCrumb, judgeDough } from './doughs';
import { judgeFinish } from './finish';
import { judgeSetting } from './judge';
import { finding } from '../result';
import type { PartVerdict } from './verdict';

const isDough = (kind: PartKind): kind is 'sweet-dough' | 'pie-dough' | 'pressed-dough' =>
  kind === 'sweet-dough' || kind === 'pie-dough' || kind === 'pressed-dough';

const notJudged = (code: 'setting.bought' | 'setting.empty'): PartVerdict => ({
  kind: 'not-judged',
  reason: finding(code),
});

/**
 * Judges a component by what it is. A filling is judged as in {@link judgeSetting}; an empty list
 * answers `not-judged`, with the reason, and so does one with an amount that nobody knows. Never throws.
 */
export function judgePart(analysis: Analysis, kind: PartKind, shell: ShellKind): PartVerdict {
  const untold = cannotTell(analysis);
  if (untold) return { kind: 'not-judged', reason: untold };
  if (analysis.totalG <= 0) {
    return notJudged(kind === 'bought-shell' ? 'setting.bought' : 'setting.empty');
  }
  if (isFamily(kind)) return judgeSetting(analysis, kind, shell);
  if (kind === 'crumb-shell') return judgeCrumb(analysis);
  if (kind === 'bought-shell') return notJudged('setting.bought');
  return isDough(kind) ? judgeDough(analysis, kind) : judgeFinish(analysis, kind);
}
