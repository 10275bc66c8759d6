import { colorScheme } from 'nativewind';
import { useEffect } from 'react';
import { useAppSelector } from '../state/state';

/** Puts the chosen theme on the page. */
export function ThemeKeeper() {
  const theme = useAppSelector((state) => state.settings.theme);
  useEffect(() => {
    const prefersDark = globalThis.matchMedia?.('(prefers-color-scheme: dark)');
    const apply = () =>
      colorScheme.set(theme === 'system' ? (prefersDark?.matches ? 'dark' : 'light') : theme);
    apply();
    prefersDark?.addEventListener('change', apply);
    return () => prefersDark?.removeEventListener('change', apply);
  }, [theme]);
  return null;
}
