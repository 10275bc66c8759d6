import { useEffect, useState } from 'react';

/** The time, anew each minute, and at once when `since` changes. */
export function useMinute(since?: unknown): Date {
  const [now, setNow] = useState(() => new Date());
  const [seen, setSeen] = useState(since);
  if (since !== seen) {
    setSeen(since);
    setNow(new Date());
  }
  useEffect(() => {
    const timer = setInterval(() => setNow(new Date()), 60_000);
    return () => clearInterval(timer);
  }, []);
  return now;
}
