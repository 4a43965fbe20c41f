import fc from 'fast-check';

/** A property is tried anew for every changed line, so each for some milliseconds only, always from the same seed. */
fc.configureGlobal({ interruptAfterTimeLimit: 400, seed: 20270516 });
