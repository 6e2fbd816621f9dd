export { PenScreen as default } from '@/features/pens/PenScreen';
