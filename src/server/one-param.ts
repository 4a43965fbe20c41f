/** A parameter of a page's address that is to be there once; given twice, the first counts. Null: it is not there. */
export const oneParam = (value: string | readonly string[] | undefined): string | null =>
  (typeof value === 'string' ? value : value?.[0]) ?? null;
