export { demoJobs, demoPhoto } from './demoJobs';
export { demoMoulds } from './demoMoulds';
export { demoDaysWrites } from './demoDays';
export { demoRecordWrites } from './demoRecords';
