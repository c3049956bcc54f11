export { MixStep as default } from '@/features/mix/MixStep';
