/** The Book's list of any length, its entries and its documents, in one chunk. */
export { BookList } from '@/features/book/BookList';
export { EntryScreen } from '@/features/book/EntryScreen';
export { PrintScreen } from '@/features/print/PrintScreen';
export { OutScreen } from '@/features/out/OutScreen';
