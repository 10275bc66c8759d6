export { Curves } from './Curves';
export { ForecastPanel } from './ForecastPanel';
