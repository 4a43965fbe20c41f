'use client';

import { ChevronLeft } from 'lucide-react';
import { useRef } from 'react';
import type { ShareView } from '../../views/share-view';
import { Button, ButtonLink } from '../controls/Button';
import { PrintButton } from '../controls/PrintButton';
import { saveFile } from '../controls/save-file';
import { SharedColony } from './SharedColony';
import { sharedFile } from './shared-file';

/** One page of one colony, for a mentor or a buyer: printed, or saved as a file that opens anywhere. */
export function SharePage({ view, colonyId }: { readonly view: ShareView; readonly colonyId: string }) {
  const page = useRef<HTMLElement>(null);
  const save = () => {
    if (!page.current) return;
    const name = view.name.replaceAll(/[^\p{L}\p{N}]+/gu, '-').toLowerCase();
    saveFile(sharedFile(view.name, page.current.outerHTML), 'text/html', `ubbet-${name}.html`);
  };
  return (
    <div className="mx-auto max-w-4xl">
      <div className="mt-2 flex flex-wrap items-center gap-3 print:hidden">
        <ButtonLink href={`/colonies/${colonyId}`} kind="quiet" className="min-h-11">
          <ChevronLeft aria-hidden="true" className="inline size-5" strokeWidth={3} />
          {view.name}
        </ButtonLink>
        <PrintButton />
        <Button kind="plain" onClick={save}>
          Save as a file
        </Button>
        <p className="text-muted text-sm">
          No other colony is named in it, unless in your own notes: read them once before you send it.
        </p>
      </div>
      <article ref={page} className="mt-3">
        <SharedColony view={view} />
      </article>
    </div>
  );
}
