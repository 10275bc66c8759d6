import { say, type Units } from '@hollow-moon/words';
import { Choice, Fold } from '../design';
import { unitsChosen, themeChosen, type Theme } from '../state/settings';
import { useAppDispatch, useAppSelector } from '../state/state';
import { CallsChoice } from './CallsChoice';

/** How this device shows things. */
export function DeviceFold({ begin }: { readonly begin: boolean }) {
  const dispatch = useAppDispatch();
  const { theme, units } = useAppSelector((state) => state.settings);
  return (
    <Fold
      id="this-device"
      title={say('kitchen.this-device')}
      summary={say('kitchen.device-in-short', {
        theme: say(`theme.${theme}`),
        degrees: units.degrees === 'gas' ? say('kitchen.gas-marks') : `°${units.degrees}`,
        lengths: units.lengths,
        weights: units.weights,
      })}
      begin={begin}
    >
      {() => (
        <>
          <Choice<Theme>
            label={say('kitchen.light')}
            value={theme}
            onChange={(value) => dispatch(themeChosen(value))}
            options={[
              { value: 'system', label: say('theme.system') },
              { value: 'light', label: say('theme.light') },
              { value: 'dark', label: say('theme.dark') },
            ]}
          />
          <CallsChoice />
          <Choice<Units['degrees']>
            label={say('kitchen.temperatures')}
            value={units.degrees}
            onChange={(degrees) => dispatch(unitsChosen({ degrees }))}
            options={[
              { value: 'C', label: '°C' },
              { value: 'F', label: '°F' },
              { value: 'gas', label: say('kitchen.gas-marks') },
            ]}
          />
          <Choice<Units['lengths']>
            label={say('kitchen.lengths')}
            value={units.lengths}
            onChange={(lengths) => dispatch(unitsChosen({ lengths }))}
            options={[
              { value: 'cm', label: say('kitchen.centimetres') },
              { value: 'in', label: say('kitchen.inches') },
            ]}
          />
          <Choice<Units['weights']>
            label={say('kitchen.amounts')}
            value={units.weights}
            onChange={(weights) => dispatch(unitsChosen({ weights }))}
            options={[
              { value: 'g', label: say('kitchen.grams') },
              { value: 'oz', label: say('kitchen.ounces') },
              { value: 'cups', label: say('kitchen.cups-and-spoons') },
            ]}
          />
        </>
      )}
    </Fold>
  );
}
