import type { BakeData } from '@hollow-moon/contract';
import { asBegunSince } from '../deeds/open';
import { useAppSelector } from '../state/state';
import { notedKey } from './believed';
import { notedOf } from './noted';
import { standingOf, type Standing } from './progress';
import { useNow } from './useNow';
import { ownPulls, type OwnPull } from '../vessels/pulls';

/** A bake that has not been pulled, and how it stands by the clock and by what was read. */
export interface Running {
  readonly id: string;
  readonly data: BakeData;
  readonly standing: Standing;
  /** Single vessels that were read by themselves. */
  readonly own: readonly OwnPull[];
}

/** Whatever is in the oven on this device, by the second. */
export function useRunning(): { readonly running: readonly Running[]; readonly now: number } {
  const bakes = useAppSelector((state) => state.bakes);
  const entries = useAppSelector((state) => state.noted);
  const believed = useAppSelector((state) => state.believed);
  const open = Object.entries(bakes).filter(
    ([, { data }]) => data.pulledAt === null && !data.archived,
  );
  const now = useNow(open.length > 0);
  return {
    now,
    running: open.map(([id, { data: begun }]) => {
      const noted = notedOf(entries, id);
      const known = believed[id];
      const { foreseen, heeded, vessels } =
        known && known.of === notedKey(noted)
          ? known
          : {
              foreseen: asBegunSince(begun.foreseen, noted.deeds),
              heeded: noted.readings,
              vessels: [],
            };
      const data = { ...begun, foreseen };
      const own = ownPulls(data, vessels, noted.deeds);
      return { id, data, standing: standingOf(data, now, heeded), own };
    }),
  };
}
