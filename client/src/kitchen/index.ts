export { KitchenScreen } from './KitchenScreen';
