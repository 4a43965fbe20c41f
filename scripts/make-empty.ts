import { openDatabase } from '../src/db/open';

/** Makes a book with nothing in it: `make-empty.ts FILE`. */
openDatabase(process.argv[2] as string).sqlite.close();
