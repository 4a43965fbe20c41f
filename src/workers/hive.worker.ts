import { expose } from 'comlink';
import { HIVE_RECKONER } from './hive-reckoner';

expose(HIVE_RECKONER);
