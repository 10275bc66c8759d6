import { createElement } from 'react';
import { focusOn } from './focus';

/** A link seen only while the keyboard is on it: past what stands between it and where one wants to be. */
export const SkipLink = ({ to, label }: { readonly to: string; readonly label: string }) =>
  createElement(
    'a',
    {
      href: '#',
      className: 'skip-link',
      onClick: (event: { preventDefault: () => void }) => {
        event.preventDefault();
        focusOn(to);
      },
    },
    label,
  );
