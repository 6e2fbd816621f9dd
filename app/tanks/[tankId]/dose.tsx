export { DoseScreen as default } from '@/features/dose/DoseScreen';
