'use client';

import { createContext, type ReactNode, useContext, useEffect } from 'react';
import type { BookInfo } from '../../views/book-info';

const Context = createContext<BookInfo | null>(null);

export function BookProvider({ book, children }: { book: BookInfo; children: ReactNode }) {
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
