import { shallowEqual } from 'react-redux';
import { useAppSelector } from '../state/state';
import type { Outgoing, Write } from './writes';

/**
 * The writes on their way that `wanted` picks. The same object for as long as these are the same, so that what is worked
 * out from them is not worked out again for every other tap.
 */
export const useWrites = (wanted: (write: Write) => boolean): Outgoing['writes'] =>
  useAppSelector(
    ({ outgoing }) =>
      Object.fromEntries(Object.entries(outgoing.writes).filter(([, write]) => wanted(write))),
    shallowEqual,
  );
