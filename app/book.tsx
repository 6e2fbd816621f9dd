export { BookScreen as default } from '@/features/book/BookScreen';
