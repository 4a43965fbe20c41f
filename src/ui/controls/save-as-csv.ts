import type { Sheet } from '../../core/spreadsheets/sheet';
import { writeCsv } from '../../core/spreadsheets/write-csv';
import { saveFile } from './save-file';

/** Hands a sheet to the keeper as a CSV file. */
export const saveAsCsv = (sheet: Sheet, name: string): void => saveFile(writeCsv(sheet), 'text/csv', name);
