export { EntryScreen as default } from '@/features/book/EntryScreen';
