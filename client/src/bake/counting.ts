import { say } from '@hollow-moon/words';

/** What the clock of a bake counts to. */
export const COUNT_WORDS = {
  look: say('bake.count-look'),
  best: say('bake.count-best'),
  last: say('bake.count-last'),
  over: say('bake.count-over'),
  elapsed: say('bake.count-elapsed'),
} as const;
