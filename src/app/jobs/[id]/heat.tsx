export { HeatStep as default } from '@/features/heat/HeatStep';
