import { later } from '../../src/layout';

export default later(() => import('../../src/log').then((all) => all.LogRecordScreen));
