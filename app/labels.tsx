import { chunkPart } from '@/shell/chunk';

export default chunkPart('forms', 'LabelsScreen');
