import { expose } from 'comlink';
import { fitOfPour } from '../core/learn/pourFit';
import type { LearnWorker } from './learnWorker';
import { told } from './told';

const worker: LearnWorker = { fit: (pour) => told(async () => fitOfPour(pour)) };

expose(worker);
