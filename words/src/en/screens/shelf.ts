/** What the screens of `shelf` say. */
export const shelf = {
  'shelf.not-kept-yet': 'not saved yet',
  'shelf.put-away': 'Put away',
  'shelf.baked-in-the-oven': 'Baked in the oven',
  'shelf.stirred-or-set-cold': 'Stirred or set cold',
  'shelf.doughs-sugar-and-finishes': 'Doughs, sugar and finishes',
  'shelf.formulas': 'Formulas',
  'shelf.new-formula': 'New formula',
  'shelf.no-formulas-yet-begin-with-eggs':
    'No formulas yet. Start with eggs, a liquid and sugar; the ratios and the verdict appear as you type.',
  'shelf.find-by-name-tin-or-ingredient': 'Find by name, tin or ingredient',
  'shelf.show-all': 'Show all',
  'shelf.nothing-here-has-in-it': 'No formula matches {map}.',
  'shelf.hide-what-is-put-away': 'Hide what is put away',
  'shelf.show-put-away': 'Show {putAway} put away',
  'shelf.find': 'Find',
  'shelf.no-window': 'No window',
} as const;
