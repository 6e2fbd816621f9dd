export { BookIndex as default } from '@/features/book/BookIndex';
