export { FormulaScreen, FormulasScreen } from './FormulaScreen';
