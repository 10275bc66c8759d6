import { changeEventSchema } from '@hollow-moon/contract';
import { useEffect } from 'react';
import { sentAgain } from '../outgoing/writes';
import { useAppDispatch, useAppSelector } from '../state/state';
import { api } from '../wire/api';
import { connectionIs } from './connection';
import { heard, heardNothingFor } from './heard';

/** A browser gives up on what answers with an error: then it is tried again by hand, ms. */
const AGAIN_MS = 3000;

/**
 * Listens to what changes in the kitchen, so that every device shows what any of them has done. Only while it is looked
 * at: a phone in a pocket need not listen, and a browser has few lines to one server.
 */
export function Live() {
  const dispatch = useAppDispatch();
  const kitchenId = useAppSelector((state) => state.settings.kitchenId);
  useEffect(() => {
    if (kitchenId === null || typeof EventSource === 'undefined') return undefined;
    let source: EventSource | undefined;
    let again: ReturnType<typeof setTimeout> | undefined;
    let missed = false;
    const close = () => {
      clearTimeout(again);
      source?.close();
      source = undefined;
    };
    const open = () => {
      close();
      const opened = new EventSource(`/api/kitchens/${kitchenId}/events`);
      source = opened;
      opened.onopen = () => {
        dispatch(connectionIs('open'));
        // What was asked for a moment ago may be older than what is told from now on.
        if (missed) dispatch(heardNothingFor(kitchenId));
        else dispatch(api.util.invalidateTags(['marks']));
        missed = false;
        dispatch(sentAgain());
      };
      opened.onmessage = ({ data }: MessageEvent<string>) => {
        const change = changeEventSchema.safeParse(JSON.parse(data));
        if (change.success) dispatch(heard(kitchenId, change.data));
      };
      opened.onerror = () => {
        missed = true;
        dispatch(connectionIs('lost'));
        if (opened.readyState === EventSource.CLOSED) again = setTimeout(open, AGAIN_MS);
      };
    };
    const shown = () => {
      if (document.visibilityState === 'visible') open();
      else {
        missed = true;
        close();
      }
    };
    shown();
    document.addEventListener('visibilitychange', shown);
    return () => {
      document.removeEventListener('visibilitychange', shown);
      close();
      dispatch(connectionIs('none'));
    };
  }, [dispatch, kitchenId]);
  return null;
}
