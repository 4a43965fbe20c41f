'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { SEASON_FILE_LIMIT_BYTES } from '../../core/formats/season-limits';
import { send } from '../../device/send';
import { countWords, type SeasonPreview } from '../../views/season-preview';
import type { IssueInWords } from '../../words/issues';
import { AskFirst } from '../controls/AskFirst';
import { Button } from '../controls/Button';
import { FIELD } from '../controls/styles';
import { UndoReplaced } from './UndoReplaced';

type Stage =
  | { readonly step: 'choose' }
  | { readonly step: 'busy'; readonly doing: string }
  | { readonly step: 'refused'; readonly issues: readonly IssueInWords[] }
  | { readonly step: 'preview'; readonly file: File; readonly preview: SeasonPreview }
  | { readonly step: 'done'; readonly backup: string };

const MEGABYTE = 1024 * 1024;

/** Choose a file, see what is in it, and only then put it in the place of what is here. */
export function ImportSeason() {
  const router = useRouter();
  const [stage, setStage] = useState<Stage>({ step: 'choose' });

  const choose = async (file: File) => {
    if (file.size > SEASON_FILE_LIMIT_BYTES) {
      const message = `The file has ${Math.round(file.size / MEGABYTE)} MB; at most ${SEASON_FILE_LIMIT_BYTES / MEGABYTE} MB are read. Choose a season file that Ubbet has written.`;
      return setStage({ step: 'refused', issues: [{ path: ['file'], code: 'too-large', message }] });
    }
    setStage({ step: 'busy', doing: 'Reading the file …' });
    const sent = await send<SeasonPreview>('/api/season/preview', file);
    setStage(sent.ok ? { step: 'preview', file, preview: sent.value } : { step: 'refused', issues: sent.issues });
  };
  const bringIn = async (file: File) => {
    setStage({ step: 'busy', doing: 'Bringing it in …' });
    const sent = await send<{ backup: string }>('/api/season/import', file);
    setStage(sent.ok ? { step: 'done', backup: sent.value.backup } : { step: 'refused', issues: sent.issues });
    if (sent.ok) router.refresh();
  };

  return (
    <div className="mt-3">
      <label className="block max-w-md">
        <span className="font-bold">Season file</span>
        <input
          type="file"
          accept=".json,application/json"
          className={FIELD}
          onChange={(event) => {
            const file = event.target.files?.[0];
            if (file) void choose(file);
          }}
        />
      </label>
      <div aria-live="polite" className="mt-3">
        {stage.step === 'busy' && <p>{stage.doing}</p>}
        {stage.step === 'refused' && <Refused issues={stage.issues} />}
        {stage.step === 'preview' && (
          <Preview file={stage.file} preview={stage.preview} onYes={() => void bringIn(stage.file)} />
        )}
        {stage.step === 'done' && (
          <>
            <p className="font-bold">Brought in.</p>
            <UndoReplaced backup={stage.backup} what="What was here before is here again." />
          </>
        )}
      </div>
    </div>
  );
}

function Refused({ issues }: { issues: readonly IssueInWords[] }) {
  return (
    <div role="alert" className="border-l-4 border-propolis bg-paper px-3 py-2">
      <p className="text-propolis font-bold">Not brought in. Nothing was changed.</p>
      <ul>
        {issues.map(({ path, code, message }) => (
          <li key={`${path.join('.')}${code}`}>{path.length > 0 ? `${path.join(' › ')}: ${message}` : message}</li>
        ))}
      </ul>
    </div>
  );
}

function Preview({ file, preview, onYes }: { file: File; preview: SeasonPreview; onYes: () => void }) {
  const { incoming, present, colonyNames, firstDay, lastDay } = preview;
  const isEmpty = present.apiaries === 0;
  return (
    <div className="border-2 border-ink bg-paper p-4">
      <p className="font-bold">{file.name}</p>
      <p>{`In the file: ${countWords(incoming)}${firstDay ? `, from ${firstDay} to ${lastDay}` : ''}.`}</p>
      <p className="text-muted text-sm">{colonyNames.slice(0, 30).join(', ')}</p>
      <p className="mt-2">
        {isEmpty
          ? 'There is nothing here yet that it would replace.'
          : `It takes the place of: ${countWords(present)}.`}
      </p>
      <p className="mt-3">
        <AskFirst
          trigger={<Button kind="act">Import it …</Button>}
          title="Put this file in the place of what is here?"
          body={isEmpty ? 'The book is empty now.' : `${countWords(present)} are replaced. A backup is made first.`}
          yes="Import it"
          onYes={onYes}
        />
      </p>
    </div>
  );
}
