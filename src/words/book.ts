/** What the demo’s book is called where there may be several. */
export const DEMO_BOOK = 'the demo';
