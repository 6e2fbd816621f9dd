export { BookFileIndex as default } from '@/features/bookfile/BookFileIndex';
