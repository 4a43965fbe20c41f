import Link from 'next/link';

export const dynamic = 'force-dynamic';

const ROWS = 100;

/** As little as a page of a hundred rows can be: the floor that Today is held against. It is no part of the application. */
export default function BarePage() {
  return (
    <ul>
      {Array.from({ length: ROWS }, (_, i) => (
        <li key={String(i)}>
          <Link href={`/colonies/${i}`}>Colony {i}</Link>
          <p>Something of it, on one line</p>
        </li>
      ))}
    </ul>
  );
}
