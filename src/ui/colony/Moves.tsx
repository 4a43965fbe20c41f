import type { MoveLine } from '../../views/moves-view';
import { Row } from '../controls/Row';

/** Which dates have moved, and what moved them. */
export function Moves({ moves }: { moves: readonly MoveLine[] }) {
  const [first] = moves;
  if (!first) return null;
  return (
    <Row title="What moved" isHeading isBriefOnPhone brief={`${first.when}: ${first.words}`}>
      <ul aria-label="What moved">
        {moves.map(({ key, when, words }) => (
          <li key={key} className="border-b border-line py-1.5 text-sm">
            <b>{when}:</b> {words}.
          </li>
        ))}
      </ul>
    </Row>
  );
}
