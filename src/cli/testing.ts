import { answer } from './main';

/** What the command line answers to an input, as text or as a value. */
export const ask = (args: string[], input: unknown) =>
  answer(args, typeof input === 'string' ? input : JSON.stringify(input));
/** What it finds wrong, and where. */
export const faults = async (args: string[], input: unknown) => {
  const result = await ask(args, input);
  return result.ok ? 'accepted' : result.issues.map(({ code, path }) => [code, path.join('.')]);
};
