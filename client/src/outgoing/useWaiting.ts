import { shallowEqual } from 'react-redux';
import type { Refused } from '../wire/resources';
import { useAppSelector } from '../state/state';
import { waitingOf, type Write } from './writes';

/** What of a thing is not in the book yet, in order, and why nothing can be sent just now. */
export function useWaiting(thing: string): {
  readonly waiting: readonly Write[];
  readonly away: Refused | undefined;
} {
  const waiting = useAppSelector(({ outgoing }) => waitingOf(outgoing, thing), shallowEqual);
  const away = useAppSelector(({ outgoing }) => outgoing.away) ?? undefined;
  return { waiting, away };
}
