/** A line for whoever started Ubbet. */
export const say = (line: string): void => {
  process.stdout.write(`${line}\n`);
};

/** A line about something that went wrong. */
export const complain = (line: string): void => {
  process.stderr.write(`${line}\n`);
};
