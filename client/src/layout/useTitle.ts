import { say } from '@hollow-moon/words';
import { useEffect } from 'react';

/** Names the page after what is open on it, for who has several, and for who hears the name first. */
export function useTitle(of: string): void {
  useEffect(() => {
    globalThis.document.title = say('app.title', { of });
  }, [of]);
}
