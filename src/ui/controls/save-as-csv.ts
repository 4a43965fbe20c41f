import type { Sheet } from '../../core/spreadsheets/sheet';
import { writeCsv } from '../../core/spreadsheets/write-csv';

/** Hands a sheet to the keeper as a CSV file. */
export function saveAsCsv(sheet: Sheet, name: string): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(new Blob([writeCsv(sheet)], { type: 'text/csv' }));
  link.download = name;
  link.click();
  URL.revokeObjectURL(link.href);
}
