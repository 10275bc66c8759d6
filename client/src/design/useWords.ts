import { wordsIn, type Words } from '@hollow-moon/words';
import { useMemo } from 'react';
import { useAppSelector } from '../state/state';

/** How this cook is spoken to: in the degrees of this device. */
export function useWords(): Words {
  const degrees = useAppSelector((state) => state.settings.degrees);
  return useMemo(() => wordsIn(degrees), [degrees]);
}
