import type { Metadata } from 'next';

export const metadata: Metadata = { title: 'No signal' };

/** Shown without a signal in place of a page that was never opened with one. */
export default function Page() {
  return (
    <div className="mt-8 max-w-prose">
      <h1 className="text-2xl">No signal, and this page is not kept here</h1>
      <p className="mt-2">
        Without a signal these open: <a href="/hive">At the hive</a>, <a href="/">Today</a>,{' '}
        <a href="/colonies">Colonies</a>, and each colony and running programme. What you enter at the hive is kept on
        this device and sent later.
      </p>
    </div>
  );
}
