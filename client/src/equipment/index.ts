export * from './ChooseEquipment';
export * from './fields';
export * from './OvenForm';
export * from './useWriting';
export * from './VesselForm';
