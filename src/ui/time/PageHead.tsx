'use client';

import type { ReactNode } from 'react';
import { useBook } from '../frame/BookContext';
import { axisAround } from './axis';
import { RulerHead } from './RulerHead';

interface Props {
  readonly title: ReactNode;
  readonly below?: ReactNode;
  /** The head stays in sight; not where every line of a phone is wanted. */
  readonly isSticky?: boolean;
  /** Where the weather of the days is from. */
  readonly apiaryId?: string;
}

/** The head of a screen that has no days of its own: the ruler is there all the same. */
export function PageHead(props: Props) {
  const book = useBook();
  if (!book) return <h1 className="mt-4 text-2xl wide:text-3xl">{props.title}</h1>;
  return <RulerHead axis={axisAround(book.today)} {...props} />;
}
