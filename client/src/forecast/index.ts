export { BatchNotice } from './BatchNotice';
export { ForecastPanel } from './ForecastPanel';
export { moonAtPull } from './moonOf';
export { FormulaFoot, OutlookBar, type Side } from './OutlookBar';
export { planFor } from './planFor';
export { useOutlook, type Outlook } from './useOutlook';
