'use client';

import { useEffect, useState } from 'react';
import { isTheme, setTheme, THEME_KEY, THEMES, type Theme } from './theme';

/** Day, sunlight for the hive at noon, or night. */
export function ThemeChoice() {
  const [theme, setShown] = useState<Theme>('day');
  useEffect(() => {
    const remembered = localStorage.getItem(THEME_KEY);
    if (isTheme(remembered)) setShown(remembered);
  }, []);
  return (
    <fieldset className="flex flex-wrap items-center gap-2">
      <legend className="sr-only">Light</legend>
      {THEMES.map((one) => (
        <button
          key={one}
          type="button"
          aria-pressed={theme === one}
          className={`min-h-11 border-2 px-3 font-semibold ${theme === one ? 'border-ink bg-ink text-white' : 'border-line bg-paper text-ink'}`}
          onClick={() => {
            setTheme(one);
            setShown(one);
          }}
        >
          {one}
        </button>
      ))}
    </fieldset>
  );
}
