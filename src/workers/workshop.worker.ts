import '../data/records/wholeSchemas';
import { expose, transfer } from 'comlink';
import { heldAgainst } from '../data/workshop/heldAgainst';
import { readAnyWorkshop } from '../data/workshop/readAny';
import { workshopFile } from '../data/workshop/workshopFile';
import { told } from './told';
import type { WorkshopWorker } from './workshopWorker';

const worker: WorkshopWorker = {
  async pack(kept, madeAt) {
    const bytes = workshopFile(kept, madeAt);
    return transfer(bytes, [bytes.buffer]);
  },
  unpack: (file) => told(() => readAnyWorkshop(file)),
  open: (file, here, beside) =>
    told(async () => {
      const { madeAt, records, gone } = await readAnyWorkshop(file);
      return heldAgainst({ records: new Map([...records, ...beside]), gone }, madeAt, here);
    }),
};

expose(worker);
