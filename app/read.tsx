export { ReadIndex as default } from '@/features/read/ReadIndex';
