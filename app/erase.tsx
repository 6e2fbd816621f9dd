export { EraseIndex as default } from '@/features/bookfile/BookFileIndex';
