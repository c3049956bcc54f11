export { LayersStep as default } from '@/features/layers/LayersStep';
