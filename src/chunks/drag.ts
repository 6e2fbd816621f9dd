/** Dragging, by lists in order and by the practice bench: one chunk, so that neither brings it to the first screen. */
export { DragField, Dragged, DropSpot } from '@/ui/drag';
export { SortableList } from '@/ui/sortable';
