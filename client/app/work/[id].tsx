import { later } from '../../src/layout';

export default later(() => import('../../src/working').then((all) => all.WorkScreen));
