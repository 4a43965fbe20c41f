'use client';

import { createContext, type ReactNode, useContext } from 'react';
import type { BookInfo } from '../../views/book-info';

const Context = createContext<BookInfo | null>(null);

export function BookProvider({ book, children }: { book: BookInfo; children: ReactNode }) {
  return <Context.Provider value={book}>{children}</Context.Provider>;
}

/** The book; null outside the application's frame. */
export function useBook(): BookInfo | null {
  return useContext(Context);
}
