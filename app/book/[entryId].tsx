export { BookEntry as default } from '@/features/book/BookIndex';
