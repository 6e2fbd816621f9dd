export { ShelfPlace as default } from '@/features/shelf/ShelfPlace';
