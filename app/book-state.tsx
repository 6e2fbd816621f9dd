import { chunkPart } from '@/shell/chunk';

export default chunkPart('help', 'BookStateScreen');
