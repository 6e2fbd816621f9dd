export { BookStateScreen as default } from '@/features/bookstate/BookStateScreen';
