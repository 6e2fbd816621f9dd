export * from './expectReading';
export * from './forecastLeaving';
export * from './trend';
