export { Curves } from './Curves';
export { ForecastPanel } from './ForecastPanel';
export { moonAtPull } from './moonOf';
export { OutlookBar } from './OutlookBar';
export { planFor } from './plan';
export { useOutlook } from './useOutlook';
export { outlookInShort } from './words';
