import Link from 'next/link';
import { day } from '../../core/calendar/day';
import type { ProgrammeLine } from '../../views/colony-view';
import { dayWords } from '../../words/days';
import { PutBack } from '../controls/PutBack';
import { Row } from '../controls/Row';

/** The methods that the colony is under. */
export function RunningMethods({ lines }: { readonly lines: readonly ProgrammeLine[] }) {
  return lines.filter(({ isRunning }) => isRunning).map((line) => <ToProgramme key={line.id} line={line} />);
}

interface Props {
  readonly lines: readonly ProgrammeLine[];
  readonly takenBack: readonly { readonly id: string; readonly title: string; readonly on: string }[];
}

/** Those that are over, and those that were taken back. */
export function MethodsBefore({ lines, takenBack }: Props) {
  const over = lines.filter(({ isRunning }) => !isRunning);
  const names = [...over.map(({ words }) => words), ...takenBack.map(({ title }) => title)];
  if (names.length === 0) return null;
  return (
    <Row title="Earlier methods" isHeading isBriefOnPhone brief={names.join('; ')}>
      {over.map((line) => (
        <ToProgramme key={line.id} line={line} />
      ))}
      {takenBack.map(({ id, title, on }) => (
        <p key={id} className="text-muted mt-1 text-sm">
          {title} of {dayWords(day(on))} was taken back. <PutBack path={`/api/programmes/${id}`} />
        </p>
      ))}
    </Row>
  );
}

const ToProgramme = ({ line: { id, words } }: { readonly line: ProgrammeLine }) => (
  <p className="mt-2">
    <Link prefetch={false} href={`/programmes/${id}`} className="font-bold">
      {words}
    </Link>
  </p>
);
