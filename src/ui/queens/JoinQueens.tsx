'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { AskFirst } from '../controls/AskFirst';
import { Button } from '../controls/Button';
import { Field, problemOf } from '../controls/Field';
import { useSend } from '../controls/useSend';
import { useBook } from '../frame/BookContext';

interface Props {
  readonly queenId: string;
  readonly others: readonly { readonly id: string; readonly name: string }[];
}

/** She stands in the book twice: what is noted of this one goes over to the other. */
export function JoinQueens({ queenId, others }: Props) {
  const isReader = useBook()?.isReader === true;
  const router = useRouter();
  const { issues, isSending, sendTo } = useSend();
  const [intoId, setInto] = useState('');
  if (isReader) return null;
  const into = others.find(({ id }) => id === intoId);
  const join = async () => {
    if (await sendTo('/api/queens/join', { id: queenId, intoId })) router.push(`/colonies/queens/${intoId}`);
  };
  return (
    <section aria-label="In the book twice" className="mt-6 border-t-2 border-ink pt-1">
      <h2 className="text-lg">Is she in the book twice?</h2>
      <Field name="She is the same as" problem={problemOf(issues, 'intoId')}>
        {(props) => (
          <select {...props} value={intoId} onChange={({ target }) => setInto(target.value)}>
            <option value="">choose</option>
            {others.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        )}
      </Field>
      <p className="mt-2">
        <AskFirst
          trigger={
            <Button kind="plain" disabled={!into || isSending}>
              Make them one
            </Button>
          }
          title="Make the two one queen?"
          body={`All that is noted of this one goes over to ${into?.name ?? 'the other'}. It can be taken back on her page.`}
          yes="Make them one"
          onYes={() => void join()}
        />
      </p>
    </section>
  );
}
