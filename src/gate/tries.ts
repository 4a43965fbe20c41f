import { RateLimiterMemory, type RateLimiterRes } from 'rate-limiter-flexible';

const QUARTER_SECONDS = 15 * 60;
/** Tries from one address, and from all together, in a quarter of an hour. */
const BY_ADDRESS = 6;
const BY_ALL = 40;

/** Counts and slows tries to sign in. */
export class Tries {
  readonly #byAddress = new RateLimiterMemory({ points: BY_ADDRESS, duration: QUARTER_SECONDS });
  readonly #byAll = new RateLimiterMemory({ points: BY_ALL, duration: QUARTER_SECONDS });

  /** Counts one; gives the minutes to wait where there were too many, else null. */
  async count(address: string): Promise<number | null> {
    try {
      await this.#byAddress.consume(address);
      await this.#byAll.consume('all');
      return null;
    } catch (refused) {
      return Math.max(1, Math.ceil((refused as RateLimiterRes).msBeforeNext / 60_000));
    }
  }

  /** It was the right one: what that address tried before counts no more. */
  async forget(address: string): Promise<void> {
    await this.#byAddress.delete(address);
  }
}
