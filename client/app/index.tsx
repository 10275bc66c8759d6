export { FormulasScreen as default } from '../src/formulas';
