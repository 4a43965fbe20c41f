'use client';

import { useState } from 'react';
import { v7 as newId } from 'uuid';
import type { DraftPhoto } from '../../device/draft';
import { shrinkPhoto } from '../../device/shrink-photo';
import { Button } from '../controls/Button';
import { BUTTON } from '../controls/styles';

const PHOTOS_AT_MOST = 6;

interface Props {
  readonly photos: readonly DraftPhoto[];
  readonly onChange: (photos: readonly DraftPhoto[]) => void;
}

/** Photos of frames, kept small and stored with the entry. */
export function PhotoField({ photos, onChange }: Props) {
  const [problem, setProblem] = useState<string | null>(null);
  const add = async (file: File | undefined) => {
    if (!file) return;
    const jpeg = await shrinkPhoto(file);
    setProblem(jpeg === null ? 'This picture cannot be read. Take it again, or choose a JPEG or PNG file.' : null);
    if (jpeg !== null) onChange([...photos, { id: newId(), jpeg }]);
  };
  return (
    <fieldset className="mt-4" aria-label="Photos">
      <ul className="flex flex-wrap gap-2">
        {photos.map(({ id, jpeg }, i) => (
          <li key={id}>
            {/* biome-ignore lint/performance/noImgElement: a picture that is on this device only */}
            <img src={`data:image/jpeg;base64,${jpeg}`} alt={`Frame ${i + 1}`} className="h-24 border-2 border-ink" />
            <Button
              kind="quiet"
              className="min-h-11"
              aria-label={`Leave out photo ${i + 1}`}
              onClick={() => onChange(photos.filter((photo) => photo.id !== id))}
            >
              leave out
            </Button>
          </li>
        ))}
      </ul>
      {photos.length < PHOTOS_AT_MOST && (
        <label
          className={`${BUTTON.plain} min-h-12 cursor-pointer has-focus-visible:outline-3 has-focus-visible:outline-indigo`}
        >
          Photo of a frame
          <input
            type="file"
            accept="image/*"
            capture="environment"
            className="sr-only"
            onChange={(event) => {
              void add(event.target.files?.[0]);
              event.target.value = '';
            }}
          />
        </label>
      )}
      {problem && (
        <p role="alert" className="text-propolis mt-1 font-bold">
          {problem}
        </p>
      )}
    </fieldset>
  );
}
