import { later } from '../../src/layout';

export default later(() => import('../../src/bake/BakeScreen').then((all) => all.BakeScreen));
