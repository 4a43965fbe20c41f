import type { Reach } from '../../views/reach';
import { morningPhrases } from '../../words/morning';
import { PageHead } from '../time/PageHead';
import { AccessPanel } from './AccessPanel';
import { MorningNotice } from './MorningNotice';
import { PhoneCheck } from './PhoneCheck';

interface Props {
  /** Null: Ubbet is open to its own machine only. */
  readonly reach: Reach | null;
  /** The page with the certificate, as a picture to be scanned, in its address. */
  readonly code: string | null;
}

const H2 = 'border-t-2 border-ink pt-2 text-xl';

/** Word by word from the machine to a phone that works at the hive without a signal, and back again. */
export function PhonePage({ reach, code }: Props) {
  return (
    <>
      <PageHead title="Your phone" below="at the hive, without a signal" isSticky={false} />
      <div className="max-w-3xl">
        {reach && code ? <TheWay reach={reach} code={code} /> : <NotOpen />}
        <section className="mt-8" aria-label="Is it done?">
          <h2 className={H2}>Is it done?</h2>
          <p className="mt-1">What this device says of itself. Look at this page on the phone.</p>
          <PhoneCheck />
        </section>
        <section className="mt-8" aria-label={morningPhrases.heading}>
          <h2 className={H2}>{morningPhrases.heading}</h2>
          <MorningNotice />
        </section>
        <section className="mt-8" aria-label="Who may come in">
          <h2 className={H2}>Who may come in</h2>
          <AccessPanel isNetwork={reach !== null} />
        </section>
        <section className="mt-8" aria-label="Undo it">
          <h2 className={H2}>Undo all of it</h2>
          <ol className="mt-1 list-decimal pl-5">
            <li>On the phone, take Ubbet off the home screen, and its data out of the browser’s settings.</li>
            <li>
              On the phone, take the certificate away: iPhone under Settings, General, VPN and device management;
              Android under Settings, search for <i>user credentials</i>.
            </li>
            <li>Shut the device out above.</li>
            <li>
              Start Ubbet without <code>--network</code>. To forget the authority as well, delete the folder{' '}
              <code>certificates</code> beside the book.
            </li>
          </ol>
        </section>
      </div>
    </>
  );
}

function NotOpen() {
  return (
    <section className="mt-4" aria-label="Open it">
      <p>Ubbet is open to this machine only. To let your phone in at home, stop it (Ctrl+C) and start it again with:</p>
      <p className="mt-2">
        <code className="bg-tint px-2 py-1 font-bold">npm start -- --network</code>
      </p>
      <p className="mt-2">
        It asks for a passphrase first, makes a certificate for this machine, and shows a code for the phone’s camera.
        Only machines in your own network reach it. Open nothing to the internet for this.
      </p>
    </section>
  );
}

function TheWay({ reach, code }: { reach: Reach; code: string }) {
  return (
    <section className="mt-4" aria-label="The way there">
      <div className="grid gap-x-8 wide:grid-cols-[1fr_15rem]">
        <ol className="list-decimal pl-5">
          <li>Have the phone in the network at home.</li>
          <li>
            Scan the code with its camera, or type <code className="font-bold">{reach.certificatePage}</code>.
          </li>
          <li>
            Tap <i>Take up the certificate</i>. <b>iPhone, iPad:</b> allow it, then Settings, <i>Profile downloaded</i>,
            Install. <b>Android:</b> Settings, search for <i>CA certificate</i>, Install anyway, choose{' '}
            <code>ubbet.crt</code>.
          </li>
          <li>
            <b>iPhone, iPad</b> only: Settings, General, About, <i>Certificate trust settings</i>, switch{' '}
            <i>Ubbet at home</i> on.
          </li>
          <li>
            Back on that page, tap <i>Go on to Ubbet</i>. If the browser warns, step 3 or 4 is not done to its end: do
            not tap the warning away.
          </li>
          <li>Give the passphrase, and leave “stay signed in” ticked.</li>
          <li>
            Put it on the home screen: iPhone by <i>Share</i>, <i>Add to Home Screen</i>; Android by the menu,{' '}
            <i>Install</i> or <i>Add to Home screen</i>.
          </li>
          <li>
            Open it from there (an iPhone asks for the passphrase once more), and wait at <i>At the hive</i> until it is
            kept: the list below says so.
          </li>
        </ol>
        <figure className="mt-3 wide:mt-0">
          {/* biome-ignore lint/performance/noImgElement: drawn here, and small */}
          <img
            src={code}
            alt={`Code for ${reach.certificatePage}`}
            width={240}
            height={240}
            className="border-2 border-ink"
          />
          <figcaption className="text-muted mt-1 text-sm">{reach.certificatePage}</figcaption>
        </figure>
      </div>
      <p className="mt-3">
        Afterwards Ubbet is at{' '}
        {reach.addresses.map((address, i) => (
          <span key={address}>
            {i > 0 && ' or '}
            <code className="font-bold">{address}</code>
          </span>
        ))}
        .
      </p>
      <p className="mt-2 text-sm">
        Fingerprint of the certificate (SHA-256), to compare on the phone:{' '}
        <code className="break-all">{reach.fingerprint}</code>
      </p>
    </section>
  );
}
