export * from './expectReading';
export * from './sinceSurprise';
export * from './forecastLeaving';
export * from './trend';
