export * from './Dial';
export * from './ForecastDial';
export * from './RingTrack';
