export { ShellPanel } from './ShellPanel';
