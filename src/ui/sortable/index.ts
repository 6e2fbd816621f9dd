export * from './SortableList';
