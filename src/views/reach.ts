/** How Ubbet can be reached from the network; said by the front door to the application, which runs in the same process. */
export interface Reach {
  /** The addresses to open on a phone, by number and by name. */
  readonly addresses: readonly string[];
  /** The page with the certificate to take up. */
  readonly certificatePage: string;
  /** Of the authority's certificate, SHA-256. */
  readonly fingerprint: string;
}

declare global {
  // Not there while Ubbet is open to its own machine only.
  var ubbetReach: Reach | undefined;
}
