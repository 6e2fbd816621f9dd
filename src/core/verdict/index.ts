export * from './judgeReading';
