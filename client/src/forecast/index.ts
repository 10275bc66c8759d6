export { Curves } from './Curves';
export { ForecastPanel } from './ForecastPanel';
export { OutlookBar } from './OutlookBar';
export { useOutlook } from './useOutlook';
export { outlookInShort } from './words';
