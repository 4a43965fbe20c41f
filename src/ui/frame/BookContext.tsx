'use client';

import { createContext, type ReactNode, useContext, useEffect } from 'react';
import type { BookInfo } from '../../views/book-info';
import { speakUnits } from '../../words/measures';

const Context = createContext<BookInfo | null>(null);

export function BookProvider({ book, children }: { book: BookInfo; children: ReactNode }) {
  // Before anything within is drawn.
  speakUnits(book.units);
  // Says that the page answers by now: what is pressed before goes nowhere.
  useEffect(() => {
    document.documentElement.dataset.alive = 'true';
  }, []);
  return <Context.Provider value={book}>{children}</Context.Provider>;
}

/** The book; null outside the application's frame. */
export function useBook(): BookInfo | null {
  return useContext(Context);
}
