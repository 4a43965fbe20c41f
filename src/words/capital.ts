/** A sentence’s first letter as one writes it. */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** An order as it stands within a sentence: `thin the cells`. */
export const withinSentence = (order: string): string => order.charAt(0).toLowerCase() + order.slice(1);
