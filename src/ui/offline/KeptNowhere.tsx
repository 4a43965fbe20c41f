import { CopyAsText } from './CopyAsText';

/** Neither the device nor the server has what was entered: said as long as it is so, with a way to take it along. */
export function KeptNowhere({ text }: { text: string }) {
  return (
    <section role="alert" aria-label="Kept nowhere yet" className="mt-3 border-l-4 border-propolis pl-3">
      <p className="text-propolis font-bold">This is kept nowhere yet.</p>
      <p className="text-sm">
        This device has no room for it or refuses to keep it. It stands on this screen alone: do not close it. Save it
        with a signal, or copy it out now.
      </p>
      <CopyAsText text={text} />
    </section>
  );
}
