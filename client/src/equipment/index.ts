export * from './ChooseEquipment';
export * from './useWriting';
