import type { Issue } from '../problems/issue';
import { say } from '../problems/says';
import type { Said } from '../says/said';

/** A season file is five deep, a hive in it seven more. */
const MOST_DEPTH = 40;
/** Values in a file: a book of a hundred colonies over ten years has some four million. */
const MOST_VALUES = 6_000_000;

/** Fields of one thing in a file; the widest row there is has some forty. */
const MOST_FIELDS = 1_000;

const [QUOTE, BACKSLASH, COMMA] = [0x22, 0x5c, 0x2c];
const [OPEN_BRACKET, OPEN_BRACE, CLOSE_BRACKET, CLOSE_BRACE] = [0x5b, 0x7b, 0x5d, 0x7d];

const fault = (message: Said): Issue => ({ path: [], code: 'too-large', message });

/**
 * Watches JSON as its bytes come in, and says as soon as it is deeper, wider or of more values than any season file: what would fill the
 * memory is not read to its end. It does not judge whether it is JSON.
 *
 * @example 40 million commas are refused at the sixth million, `[[[[...` at the fortieth bracket; brackets in texts do not count
 */
export class JsonBounds {
  #depth = 0;
  /** Fields of what is open at each depth so far; null: it is a list. */
  readonly #fields: (number | null)[] = [];
  #values = 0;
  #isInText = false;
  #isEscaped = false;

  /** What is wrong by now; null: nothing. */
  watch(bytes: Uint8Array): Issue | null {
    for (const byte of bytes) {
      if (this.#isInText) {
        if (this.#isEscaped) this.#isEscaped = false;
        else if (byte === BACKSLASH) this.#isEscaped = true;
        else if (byte === QUOTE) this.#isInText = false;
        continue;
      }
      if (byte === QUOTE) this.#isInText = true;
      else if (byte === COMMA) {
        this.#values += 1;
        const fields = this.#fields[this.#depth];
        if (typeof fields === 'number') {
          this.#fields[this.#depth] = fields + 1;
          if (fields + 1 >= MOST_FIELDS) return fault(say('object-with-too-many-fields', { mostFields: MOST_FIELDS }));
        }
      } else if (byte === OPEN_BRACKET || byte === OPEN_BRACE) {
        this.#depth += 1;
        this.#fields[this.#depth] = byte === OPEN_BRACE ? 0 : null;
      } else if (byte === CLOSE_BRACKET || byte === CLOSE_BRACE) this.#depth -= 1;
      if (this.#depth > MOST_DEPTH) {
        return fault(say('file-too-deep', { mostDepth: MOST_DEPTH }));
      }
      if (this.#values > MOST_VALUES) {
        return fault(say('file-has-too-many-values', { mostValues: MOST_VALUES }));
      }
    }
    return null;
  }
}
