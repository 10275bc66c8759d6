import { later } from '../../src/layout';

export default later(() => import('../../src/day').then((all) => all.DaysScreen));
