export { Curves } from './Curves';
export { ForecastPanel } from './ForecastPanel';
export { OutlookBar } from './OutlookBar';
export { planFor } from './plan';
export { useOutlook } from './useOutlook';
export { outlookInShort } from './words';
