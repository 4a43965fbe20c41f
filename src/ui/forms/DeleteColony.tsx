'use client';

import { useRouter } from 'next/navigation';
import { AskFirst } from '../controls/AskFirst';
import { Button } from '../controls/Button';
import { useSend } from '../controls/useSend';

/** Takes a colony that was entered by mistake out of the book, after asking; it can be put back. */
export function DeleteColony({ id, name }: { id: string; name: string }) {
  const router = useRouter();
  const { issues, sendTo } = useSend();
  const remove = async () => {
    if (await sendTo(`/api/colonies/${id}`, {}, 'DELETE')) router.push('/colonies');
  };
  return (
    <section className="mt-10 border-t border-line pt-4">
      <h2 className="text-lg">Entered by mistake?</h2>
      <p className="text-muted text-sm">
        A colony that died, was united or given away has a last day instead, and keeps its history.
      </p>
      <AskFirst
        trigger={
          <Button kind="danger" className="mt-2">
            Take it out of the records
          </Button>
        }
        title={`Take ${name} out of the records?`}
        body="Everything entered for it goes with it. It can be put back, below the list of colonies."
        yes="Take it out"
        onYes={remove}
      />
      {issues.length > 0 && (
        <p role="alert" className="text-propolis mt-2 font-bold">
          {issues.map(({ message }) => message).join(' ')}
        </p>
      )}
    </section>
  );
}
