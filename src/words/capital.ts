/** A sentence’s first letter as one writes it. */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
