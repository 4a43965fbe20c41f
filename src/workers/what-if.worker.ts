import { expose } from 'comlink';
import { WHAT_IF_RECKONER } from './what-if-reckoner';

expose(WHAT_IF_RECKONER);
