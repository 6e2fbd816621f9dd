export { PensIndex as default } from '@/features/pens/PensIndex';
