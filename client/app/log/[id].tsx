export { LogRecordScreen as default } from '../../src/log';
