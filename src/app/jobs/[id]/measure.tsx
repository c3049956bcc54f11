export { MeasureStep as default } from '@/features/measure/MeasureStep';
