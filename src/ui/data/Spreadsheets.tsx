import { SHEETS } from '../../core/spreadsheets/sheet';
import { SHEET_WORDS } from '../../words/spreadsheets';
import { BUTTON } from '../controls/styles';

/** The book as spreadsheets: all of them at once, or one. */
export function Spreadsheets() {
  return (
    <>
      <p className="mt-3">
        <a href="/api/csv/all" download className={BUTTON.plain}>
          All spreadsheets, as one zip
        </a>
      </p>
      <ul className="mt-3 grid gap-x-8 wide:grid-cols-2">
        {SHEETS.map((sheet) => (
          <li key={sheet} className="border-b border-line py-1.5">
            <a href={`/api/csv/${sheet}`} download className="inline-block min-h-6 font-bold">
              {SHEET_WORDS[sheet].name}
            </a>
            <span className="text-muted text-sm">{` · ${SHEET_WORDS[sheet].about}`}</span>
          </li>
        ))}
      </ul>
    </>
  );
}
