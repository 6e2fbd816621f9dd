/** What is read: help, and the state of the book. */
export { HelpScreen } from '@/features/help/HelpScreen';
export { BookStateScreen } from '@/features/bookstate/BookStateScreen';
