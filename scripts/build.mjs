import { checkNode, ensureBuilt, ensureInstalled } from './lib/setup.mjs';

/** Builds the application when something has changed since the last build. Nothing is reported to anybody. */
checkNode();
ensureInstalled();
ensureBuilt();
