import { expose } from 'comlink';
import { SHEET_RECKONER } from './sheet-reckoner';

expose(SHEET_RECKONER);
