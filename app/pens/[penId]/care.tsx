export { CareScreen as default } from '@/features/care/CareScreen';
