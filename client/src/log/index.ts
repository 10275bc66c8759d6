export { LogRecordScreen, LogScreen } from './LogScreen';
