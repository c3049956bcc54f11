export { ColourStep as default } from '@/features/colour/ColourStep';
