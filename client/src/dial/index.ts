export * from './Dial';
export * from './RingTrack';
