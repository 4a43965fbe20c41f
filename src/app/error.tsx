'use client';

import { Button } from '@/ui/controls/Button';

/** Something broke that should not have. What was stored is safe: entries are written whole or not at all. */
export default function ErrorPage({ reset }: { reset: () => void }) {
  return (
    <div className="max-w-xl" role="alert">
      <h1 className="mt-8 text-3xl">Something went wrong here</h1>
      <p className="mt-2">
        What was stored before is safe. Try again; if it comes back, export the season file and report it.
      </p>
      <Button kind="strong" className="mt-4" onClick={reset}>
        Try again
      </Button>
    </div>
  );
}
