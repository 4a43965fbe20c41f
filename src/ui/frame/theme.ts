export const THEMES = ['day', 'sunlight', 'night'] as const;
export type Theme = (typeof THEMES)[number];

/** Remembered on the device, not in the book: each phone stands in its own light. */
export const THEME_KEY = 'ubbet-theme';

/** Sets the remembered theme before the first paint. Where nothing can be remembered, it stays day. */
export const THEME_SCRIPT = `try{var t=localStorage.getItem('${THEME_KEY}');if(t)document.documentElement.dataset.theme=t}catch(e){}`;

export function isTheme(value: string | null): value is Theme {
  return THEMES.some((theme) => theme === value);
}

export function setTheme(theme: Theme): void {
  document.documentElement.dataset.theme = theme;
  localStorage.setItem(THEME_KEY, theme);
}
