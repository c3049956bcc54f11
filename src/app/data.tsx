export { KeepingScreen as default } from '@/features/keeping/KeepingScreen';
