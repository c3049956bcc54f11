export { demoJobs, demoPhoto } from './demoJobs';
export { demoMoulds } from './demoMoulds';
export { demoCuringWrites } from './demoCuring';
export { demoDaysWrites } from './demoDays';
export { demoRecordWrites } from './demoRecords';
