export * from './DragField';
