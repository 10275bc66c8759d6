import { wordsIn, type Words } from '@hollow-moon/words';
import { useMemo } from 'react';
import { useAppSelector } from '../state/state';

/** How this cook is spoken to: in the units of this device. */
export function useWords(): Words {
  const units = useAppSelector((state) => state.settings.units);
  return useMemo(() => wordsIn(units), [units]);
}
