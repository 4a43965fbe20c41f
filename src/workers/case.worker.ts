import { expose } from 'comlink';
import { CASE_RECKONER } from './case-reckoner';

expose(CASE_RECKONER);
