/** The Book's list of any length and its entries, in one chunk. */
export { BookList } from '@/features/book/BookList';
export { EntryScreen } from '@/features/book/EntryScreen';
