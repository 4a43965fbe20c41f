'use client';

/** Where even the frame of the pages cannot be drawn: the book itself does not answer. */
export default function GlobalError({ reset }: { reset: () => void }) {
  return (
    <html lang="en-GB">
      <body>
        <main
          role="alert"
          style={{ maxWidth: '36rem', margin: '3rem auto', padding: '0 1rem', fontFamily: 'system-ui' }}
        >
          <h1>The book does not answer</h1>
          <p>
            Its file may be held by another program, or its disk full or damaged. What was stored before is safe:
            entries are written whole or not at all. The terminal that Ubbet was started in says more.
          </p>
          <p>
            <button type="button" onClick={reset} style={{ minHeight: '3rem', padding: '0 1rem', font: 'inherit' }}>
              Try again
            </button>
          </p>
          <p>At the hive goes on without it: what you enter there is kept on your device.</p>
        </main>
      </body>
    </html>
  );
}
