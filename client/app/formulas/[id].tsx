export { FormulaScreen as default } from '../../src/formulas';
