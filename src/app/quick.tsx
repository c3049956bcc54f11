export { QuickRoute as default } from '@/places/QuickRoute';
