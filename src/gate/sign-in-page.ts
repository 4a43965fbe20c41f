import { escaped, wordsPage } from './words-page';

/** Asks for the passphrase; works without a script. */
export function signInPage({ to, fault }: { readonly to: string; readonly fault: string | null }): string {
  return wordsPage(
    'Sign in',
    `${fault === null ? '' : `<p class="wrong" role="alert">${escaped(fault)}</p>`}
<form method="post" action="/sign-in">
<input type="hidden" name="to" value="${escaped(to)}">
<label for="passphrase">Passphrase of this book</label>
<input type="password" id="passphrase" name="passphrase" autocomplete="current-password" required autofocus>
<label for="name">What this device is called, such as <i>my phone</i></label>
<input type="text" id="name" name="name" maxlength="40">
<label class="tick"><input type="checkbox" name="trusted" value="yes" checked> Stay signed in here for 90 days</label>
<button type="submit">Sign in</button>
</form>
<p>Forgotten? On the machine that Ubbet runs on, <code>npm run passphrase</code> sets a new one. None of your records are lost by that.</p>`,
  );
}

/** Where to go on after signing in: a page of Ubbet's own, never another site. */
export function pathToGoOn(to: string | null): string {
  if (to === null || !/^\/(?![/\\])/.test(to)) return '/';
  return URL.canParse(to, 'http://ubbet.invalid') && new URL(to, 'http://ubbet.invalid').host === 'ubbet.invalid'
    ? to
    : '/';
}
