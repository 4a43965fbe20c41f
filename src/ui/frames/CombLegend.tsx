import { CONTENTS } from '../../core/space/content';
import { CONTENT_WORDS } from '../../words/frames';
import { fillOf } from './CombPatterns';

/** What each hatch means, and the marks on frames. */
export function CombLegend() {
  return (
    <ul aria-label="What the hatches mean" className="mt-2 flex flex-wrap gap-x-4 gap-y-1 text-sm">
      {CONTENTS.map((content) => (
        <li key={content} className="flex items-center gap-1.5">
          <svg width="18" height="16" aria-hidden="true">
            <title>{content}</title>
            <rect x="0.5" y="0.5" width="17" height="15" fill={fillOf(content)} stroke="var(--color-ink)" />
          </svg>
          {CONTENT_WORDS[content]}
        </li>
      ))}
      <li>
        <b className="bg-ink px-1 text-white">Q</b> queen last seen
      </li>
    </ul>
  );
}
