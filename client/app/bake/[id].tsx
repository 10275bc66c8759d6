export { BakeScreen as default } from '../../src/bake/BakeScreen';
