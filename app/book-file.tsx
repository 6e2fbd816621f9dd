export { BookFileScreen as default } from '@/features/bookfile/BookFileScreen';
