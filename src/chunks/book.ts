/** The Book's list of any length, its entries and its documents, in one chunk. */
export { BookList } from '@/features/book/BookList';
export { EntryScreen } from '@/features/book/EntryScreen';
export { PrintScreen } from '@/features/print/PrintScreen';
export { BookFileScreen } from '@/features/bookfile/BookFileScreen';
export { EraseScreen } from '@/features/bookfile/EraseScreen';
export { TakeInScreen } from '@/features/intake/TakeInScreen';
export { OutScreen } from '@/features/out/OutScreen';
export { csvText } from '@/interchange/tables/csvText';
