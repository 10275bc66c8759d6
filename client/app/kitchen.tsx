export { KitchenScreen as default } from '../src/kitchen';
