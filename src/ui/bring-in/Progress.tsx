import { Button } from '../controls/Button';

interface Props {
  readonly name: string;
  /** From 0 to 1. */
  readonly part: number;
  readonly onStop: () => void;
}

/** How far something is, and the way out of it. */
export function Progress({ name, part, onStop }: Props) {
  return (
    <div className="mt-3 flex flex-wrap items-center gap-3">
      <progress aria-label={name} value={part} max={1} className="h-3 w-56 accent-ink" />
      <span>{`${name}: ${Math.round(part * 100)} %`}</span>
      <Button kind="plain" onClick={onStop}>
        Stop
      </Button>
    </div>
  );
}
