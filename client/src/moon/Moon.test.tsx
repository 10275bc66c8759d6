import { render, screen } from '@testing-library/react';
import { Moon, moonInWords } from './Moon';

const circles = () => [...document.querySelectorAll('svg > circle, svg > g circle')];
const radii = () => circles().map((circle) => Number(circle.getAttribute('r')));

it('draws each edge at its share of the filling', () => {
  render(
    <Moon state={{ liquid: 0.25, moving: 0.5, curdledFrom: 1 }} shell size={200} label="moon" />,
  );
  expect(screen.getByLabelText('moon').tagName).toBe('svg');
  // The filling is drawn 43 units wide: half of it moves, a quarter is liquid.
  expect(radii()).toEqual(expect.arrayContaining([48, 43, 21.5, 10.75]));
});

it('tells states by texture and not by colour alone', () => {
  const { container } = render(
    <Moon state={{ liquid: 0.2, moving: 0.6, curdledFrom: 0.8 }} shell size={200} label="moon" />,
  );
  const textures = container.querySelectorAll('pattern');
  expect(textures).toHaveLength(3);
  for (const { id } of textures) expect(container.innerHTML).toContain(`url(#${id})`);
});

it('is the ring alone when nothing is judged, dashed without a shell', () => {
  render(<Moon state={undefined} shell={false} size={44} label="hollow" />);
  expect(circles()).toHaveLength(1);
  expect(circles()[0]!.getAttribute('stroke-dasharray')).toBeTruthy();
});

it.each([
  [undefined, 'Not judged'],
  [{ liquid: 1, moving: 1, curdledFrom: 1 }, 'Set ring, liquid centre 9 cm wide'],
  [{ liquid: 0, moving: 0.4, curdledFrom: 1 }, 'Set ring, wobbling centre 9 cm wide'],
  [{ liquid: 0, moving: 0, curdledFrom: 1 }, 'Set through'],
  [{ liquid: 0, moving: 0, curdledFrom: 0.8 }, 'Set, curdled at the rim'],
])('says itself in words: %#', (state, words) => {
  expect(moonInWords(state, '9 cm')).toBe(words);
});

it('has the colour of its shell in the ring, at any size', () => {
  render(
    <Moon
      state={{ liquid: 0, moving: 0.4, curdledFrom: 1 }}
      shell
      rim="#b98a4a"
      size={44}
      label="browned"
    />,
  );
  const [ring] = screen.getByLabelText('browned').querySelectorAll('circle[r="48"]');
  expect(ring!.getAttribute('fill')).toBe('#b98a4a');
});
