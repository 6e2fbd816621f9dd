import { chunkPart } from '@/shell/chunk';

export default chunkPart('charts', 'LookBackScreen');
