export { ShelfIndex as default } from '@/features/shelf/ShelfIndex';
