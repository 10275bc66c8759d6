import { say } from '@hollow-moon/words';
import { router } from 'expo-router';
import { Button } from '../src/design';
import { Column, Hollow } from '../src/layout';

export default function NotFound() {
  return (
    <Column>
      <Hollow alone kind="trouble" says={say('app.there-is-nothing-at-this-address')}>
        <Button label={say('app.all-formulas')} weight="main" onPress={() => router.replace('/')} />
      </Hollow>
    </Column>
  );
}
