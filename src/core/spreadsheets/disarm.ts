/** What a spreadsheet program may take for a formula. */
const FORMULA = /^[=+\-@\t\r]/;
const MONTH =
  '(?:jan(?:uary)?|feb(?:ruary)?|mar(?:ch)?|apr(?:il)?|may|june?|july?|aug(?:ust)?|sept?(?:ember)?|oct(?:ober)?|nov(?:ember)?|dec(?:ember)?)';
/** What it may take for a number, a day or a truth, and write another way: `007`, `12.50`, `1/2`, `1e5`, `3 May`, `true`. */
const READ_OTHERWISE = new RegExp(
  [
    String.raw`\d[\d\s.,/:-]*`,
    String.raw`\d+(?:\.\d+)?e[+-]?\d+`,
    String.raw`\d{1,2}[\s-]${MONTH}(?:[\s-]\d{1,4})?`,
    String.raw`${MONTH}[\s-]\d{1,4}(?:[\s-]\d{1,4})?`,
    'true|false',
  ]
    .map((way) => `^(?:${way})$`)
    .join('|'),
  'i',
);
/** What it writes as it stood: numbers without more zeros than they need, days, and minutes. */
const READ_SO = /^((0|[1-9]\d*)(\.\d*[1-9])?|\d{4}-\d\d-\d\d(T\d\d:\d\d)?)$/;
/** No number or day is longer; identifiers are. */
const LONGEST = 20;

const isAtRisk = (text: string): boolean =>
  FORMULA.test(text) || (text.length <= LONGEST && READ_OTHERWISE.test(text) && !READ_SO.test(text));

/**
 * Text behind an apostrophe where a spreadsheet program would make something else of it, and where it begins with one itself.
 *
 * @example disarmed('=1+1') is `'=1+1`, disarmed('007') is `'007`, disarmed("'tis") is `''tis`; `12` and `2027-05-16` stay
 */
export const disarmed = (text: string): string => (text.startsWith("'") || isAtRisk(text) ? `'${text}` : text);

/** The same text again. An apostrophe that was not put there stays: `'tis`. */
export const armed = (text: string): string =>
  text.startsWith("'") && (text.startsWith("''") || isAtRisk(text.slice(1))) ? text.slice(1) : text;
