import { later } from '../src/layout';

export default later(() => import('../src/kitchen').then((all) => all.KitchenScreen));
