import { AccessFile, accessFileOf } from './access-file';
import { askForPassphrase, givenPassphrase, storePassphrase } from './ensure-passphrase';
import { passphraseFault } from './passphrase';
import { complain, say } from './say';

/** `npm run passphrase`: sets a new passphrase for the book, on the machine that Ubbet runs on. */
const access = new AccessFile(accessFileOf(process.env.UBBET_DATA || 'data/ubbet.sqlite'));
const passphrase = givenPassphrase(process.env) ?? (process.stdin.isTTY ? await askForPassphrase() : null);
const fault = passphrase === null ? 'Give it at a terminal, or by UBBET_PASSPHRASE_FILE.' : passphraseFault(passphrase);
if (passphrase === null || fault) {
  complain(fault ?? '');
  process.exitCode = 1;
} else {
  if (access.fault()) access.setAside();
  await storePassphrase(access, passphrase);
  say('The new passphrase is set. Every device has to sign in again; none of your records have changed.');
}
