/** Where the keyboard is taken to. */
import { focusOn } from './focus';

beforeEach(() => {
  jest.useFakeTimers();
  document.body.innerHTML = '<button data-testid="other">Other</button>';
});
afterEach(() => {
  jest.useRealTimers();
});

const passing = (ms: number) => jest.advanceTimersByTime(ms);
const shown = (html: string) => document.body.insertAdjacentHTML('beforeend', html);
const focused = () => document.activeElement?.getAttribute('data-testid') ?? undefined;

it('is what comes to be seen within two seconds', () => {
  focusOn('new');
  passing(1500);
  expect(focused()).toBeUndefined();
  shown('<button data-testid="new">New</button>');
  passing(100);
  expect(focused()).toBe('new');
});

it('is nothing that comes later', () => {
  focusOn('late');
  passing(2500);
  shown('<button data-testid="late">Late</button>');
  passing(5000);
  expect(focused()).toBeUndefined();
});

it('is a heading too, which takes no focus of its own, and what does is left as it is', () => {
  shown('<h1 data-testid="title">Title</h1><div data-testid="row" tabindex="0">Row</div>');
  focusOn('title');
  passing(50);
  expect(focused()).toBe('title');
  expect(document.querySelector('h1')!.getAttribute('tabindex')).toBe('-1');
  focusOn('row');
  passing(50);
  expect(focused()).toBe('row');
  expect(document.querySelector('[data-testid=row]')!.getAttribute('tabindex')).toBe('0');
});
