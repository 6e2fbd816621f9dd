import { chunkPart } from '@/shell/chunk';

export default chunkPart('read', 'ReadIndex');
