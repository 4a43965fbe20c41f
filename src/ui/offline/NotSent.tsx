/** What was said here has not reached the server yet. */
export function NotSent({ words }: { words: string }) {
  return (
    <p role="status" className="text-propolis mt-1 border-l-4 border-propolis pl-2 text-sm">
      <b>Saved here, not sent:</b> {words}
    </p>
  );
}
